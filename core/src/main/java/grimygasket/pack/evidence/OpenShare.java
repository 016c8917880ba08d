package grimygasket.pack.evidence;

import grimygasket.util.Arguments;

/**
 * How far open a fault leaves its station when it visibly blocks it; 0 also stands for a pump or fan that is not driven.
 *
 * @param least share of the normal opening, 0 to 1
 * @param most share of the normal opening, from {@code least} to 1
 */
public record OpenShare(double least, double most) {
    /** Where the pack says nothing: what is bad enough to be called for. */
    static final OpenShare USUAL = new OpenShare(0.03, 0.35);

    public OpenShare {
        Arguments.share("least opening", least);
        Arguments.between("most opening", most, least, 1);
    }
}
