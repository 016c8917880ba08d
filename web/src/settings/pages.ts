import type { Session } from '../api/types'

/** One of the pages of the settings. */
export interface Page {
  id: string
  title: string
  /** What is on it, as it is searched for. */
  holds: string[]
  /** Whether only owners have it. */
  owner?: boolean
  component: () => Promise<unknown>
}

export const PAGES: Page[] = [
  {
    id: 'business',
    title: 'Business',
    component: () => import('./BusinessPage.vue'),
    owner: true,
    holds: [
      'Name and address in reports',
      'Logo',
      'Phone and e-mail',
      'Tax',
      'Warranty',
      'Price of an hour',
      'Cost of a second visit',
      'Mains voltage',
      'Time zone',
      'Simulated meters',
    ],
  },
  {
    id: 'people',
    title: 'People',
    component: () => import('./People.vue'),
    holds: ['Who works here', 'Rights', 'Qualifications', 'Locked out'],
  },
  {
    id: 'practice',
    title: 'Practice',
    component: () => import('./PracticePage.vue'),
    holds: ['Metric or US units', 'My round in my calendar', 'How you work'],
  },
  {
    id: 'devices',
    title: 'Devices and sign-in',
    component: () => import('./DevicesPage.vue'),
    holds: ['Light and dark', 'Password', 'Passkeys', 'Signed-in devices', 'A lost device', 'Left behind'],
  },
  {
    id: 'data',
    title: 'Data',
    component: () => import('./TrailOfAll.vue'),
    owner: true,
    holds: ['Activity log'],
  },
]

/** Those that somebody has. */
export const pagesOf = (session?: Pick<Session, 'owner'>) =>
  PAGES.filter((page) => !page.owner || session?.owner)

/** Where something is set. */
export interface Place {
  title: string
  page: Page
}

/**
 * Where what some words speak of is set: all of the words, in whatever order.
 *
 * @param questions on which practitioners differ
 */
export function found(text: string, pages: Page[], questions: string[]): Place[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (!words.length) return []
  return pages
    .flatMap((page) => [
      ...page.holds.map((title) => ({ title, page })),
      ...(page.id === 'practice' ? questions.map((title) => ({ title, page })) : []),
    ])
    .filter(({ title, page }) => {
      const said = `${title} ${page.title}`.toLowerCase()
      return words.every((word) => said.includes(word))
    })
}
