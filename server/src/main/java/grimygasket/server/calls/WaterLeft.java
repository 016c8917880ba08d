package grimygasket.server.calls;

import jakarta.validation.constraints.DecimalMin;

/**
 * Water standing in the machine, as it was judged before it was opened.
 *
 * @param levelCm over the floor of the tub
 * @param vesselLitres what the vessel in hand holds
 */
record WaterLeft(
        @DecimalMin(value = "0", message = "The level is 0 cm or more.")
        double levelCm,

        @DecimalMin(value = "0.1", message = "Say what the pan in your hand holds, in litres.")
        double vesselLitres) {}
