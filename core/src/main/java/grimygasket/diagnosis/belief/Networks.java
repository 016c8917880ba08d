package grimygasket.diagnosis.belief;

import grimygasket.pack.Pack;

/** The networks of the machines that were judged last, as a machine is judged again after every entry. */
public final class Networks {
    private static final int KEPT = 64;

    private static final Recent<Network> NETWORKS = new Recent<>(KEPT);

    private Networks() {}

    private record Size(Machine machine, int most) {}

    /**
     * @param most size of the largest set of faults considered
     */
    public static Network of(Pack pack, Machine machine, int most) {
        return NETWORKS.of(pack, new Size(machine, most), () -> new Network(pack, machine, most));
    }
}
