import type { Layer } from '../../api/types'
import dishwasherOrder from '../../drawings/dishwasher-order.svg'
import filterLock from '../../drawings/filter-lock.svg'
import valveFlap from '../../drawings/valve-flap.svg'
import doorSeal from '../../drawings/door-seal.svg'
import washerOrder from '../../drawings/washer-order.svg'
import pumpFilterLock from '../../drawings/pump-filter-lock.svg'
import gasketHoles from '../../drawings/gasket-holes.svg'
import oRing from '../../drawings/o-ring.svg'
import dryerOrder from '../../drawings/dryer-order.svg'
import condenserLevers from '../../drawings/condenser-levers.svg'
import condenserSeal from '../../drawings/condenser-seal.svg'
import leftHandNut from '../../drawings/left-hand-nut.svg'
import vacuumOrder from '../../drawings/vacuum-order.svg'
import twistLock from '../../drawings/twist-lock.svg'
import binSeal from '../../drawings/bin-seal.svg'
import foamSide from '../../drawings/foam-side.svg'
import screwStart from '../../drawings/screw-start.svg'
import feedPipeClock from '../../drawings/feed-pipe-clock.svg'
import hoseClamp from '../../drawings/hose-clamp.svg'
import rackEndClip from '../../drawings/rack-end-clip.svg'
import sleeveClicks from '../../drawings/sleeve-clicks.svg'

export type Drawing = NonNullable<Layer['drawing']>

/** The line drawings that ship with the page, each with what it shows in words. */
export const DRAWINGS: Record<Drawing, { src: string; alt: string }> = {
  DISHWASHER_ORDER: {
    src: dishwasherOrder,
    alt: 'Rack, arm, filter, cover and screen of a dishwasher’s sump, in the order in which they come out',
  },
  FILTER_LOCK: { src: filterLock, alt: 'A filter seen from above: a quarter turn to the left' },
  VALVE_FLAP: { src: valveFlap, alt: 'A valve whose flap opens with the flow' },
  DOOR_SEAL: { src: doorSeal, alt: 'A door seal in its channel, its lip to the door' },
  WASHER_ORDER: {
    src: washerOrder,
    alt: 'Flap, pump filter and impeller of a washing machine, one behind the other',
  },
  PUMP_FILTER_LOCK: {
    src: pumpFilterLock,
    alt: 'A pump filter: to the left, a little at a time, and water follows',
  },
  GASKET_HOLES: { src: gasketHoles, alt: 'A door gasket: its mark on top, its drain holes at the bottom' },
  FEED_PIPE_CLOCK: {
    src: feedPipeClock,
    alt: 'A feed pipe from the front: out at one o’clock, locked at twelve',
  },
  HOSE_CLAMP: {
    src: hoseClamp,
    alt: 'A hose on its spigot: the clamp sits between the bead and the hose’s end',
  },
  RACK_END_CLIP: {
    src: rackEndClip,
    alt: 'The end clip of a rail: swung out, the rack comes off; across, it is locked',
  },
  SLEEVE_CLICKS: { src: sleeveClicks, alt: 'A sleeve pushed over its cage until three catches click' },
  O_RING: { src: oRing, alt: 'A sealing ring in its groove' },
  DRYER_ORDER: { src: dryerOrder, alt: 'Flap, condenser and nested filter of a dryer' },
  CONDENSER_LEVERS: { src: condenserLevers, alt: 'A condenser: its arrow up, its two levers down' },
  CONDENSER_SEAL: { src: condenserSeal, alt: 'The seal that runs all round a condenser’s place' },
  LEFT_HAND_NUT: { src: leftHandNut, alt: 'A nut with a left-hand thread: loose to the right' },
  VACUUM_ORDER: {
    src: vacuumOrder,
    alt: 'Battery, bin, pre-motor filter and exhaust filter of a vacuum cleaner, in the order in which they come off',
  },
  TWIST_LOCK: { src: twistLock, alt: 'A round part with catches: an eighth turn to the left' },
  BIN_SEAL: { src: binSeal, alt: 'A bin’s seal, its lip to the suction' },
  FOAM_SIDE: { src: foamSide, alt: 'A filter with foam: the foam meets the dirty air first' },
  SCREW_START: {
    src: screwStart,
    alt: 'A screw in plastic: back by hand until it drops into its thread, then forward',
  },
}
