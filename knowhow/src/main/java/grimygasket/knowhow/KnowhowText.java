package grimygasket.knowhow;

/**
 * Know-how as it is exchanged. What is named as it was before is named as it is now.
 *
 * @param pack YAML; its form is pack.schema.json
 * @param codes CSV; see {@link CodeTableReader}
 */
public record KnowhowText(String pack, String codes) {
    public KnowhowText {
        pack = OlderNames.ofPack(pack);
        codes = OlderNames.ofCodes(codes);
    }
}
