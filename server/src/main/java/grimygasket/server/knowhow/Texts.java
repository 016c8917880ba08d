package grimygasket.server.knowhow;

/**
 * Know-how as it is exchanged.
 *
 * @param pack YAML; its form is pack.schema.json
 * @param codes CSV; see {@link CodeTableReader}
 */
public record Texts(String pack, String codes) {}
