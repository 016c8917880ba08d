package grimygasket.knowhow;

/**
 * Know-how as it is exchanged.
 *
 * @param pack YAML; its form is pack.schema.json
 * @param codes CSV; see {@link CodeTableReader}
 */
public record KnowhowText(String pack, String codes) {}
