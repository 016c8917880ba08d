package grimygasket.e2e.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * A made-up rating plate, drawn as a phone takes it: tilted, out of focus, with noise and a glare.
 *
 * @param tilt in degrees
 * @param noise standard deviation, of 255 shades
 * @param glare how bright, 0 to 1
 * @param blur radius in pixels
 */
public record Plate(
        String maker,
        String model,
        String serial,
        int layout,
        double tilt,
        double noise,
        double glare,
        double blur,
        int seed) {
    private static final List<String> MAKERS = List.of("Corvanne", "Ostrelle", "Haldbeck");
    private static final List<String> MODELS =
            List.of("DW-610 S", "Lagoon 3", "H60 Inn", "DW-450", "DW-380", "Lagoon 2", "WM-7 R", "TD-8 C", "TD-7 V");
    private static final int LAYOUTS = 4;

    /** One of many: the first are taken with care, the last in a dark cupboard. */
    public static Plate drawn(int number, int of) {
        var random = new Random(number);
        double hard = number / (double) of;
        var serial = "%04d-%04d".formatted(random.nextInt(1500, 2400), random.nextInt(10_000));
        return new Plate(
                MAKERS.get(number % MAKERS.size()),
                MODELS.get(random.nextInt(MODELS.size())),
                number % 3 == 1 ? "OL" + serial : serial,
                number % LAYOUTS,
                (random.nextBoolean() ? 1 : -1) * hard * 6,
                8 + 22 * hard,
                0.3 + 0.6 * hard,
                1.6 * hard,
                number);
    }

    public FilePayload photo(Page page) {
        var url = (String) page.evaluate(
                DRAW,
                Map.of(
                        "maker", maker, "model", model, "serial", serial, "layout", layout, "tilt", tilt, "noise",
                        noise, "glare", glare, "blur", blur, "seed", seed));
        return new FilePayload(
                "plate-" + seed + ".png", "image/png", Base64.getDecoder().decode(url.substring(url.indexOf(',') + 1)));
    }

    private static final String DRAW = """
            ({ maker, model, serial, layout, tilt, noise, glare, blur, seed }) => {
              let state = seed + 1
              const random = () => ((state = (state * 48271) % 2147483647) / 2147483647)
              const normal = () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random())
              const canvas = document.createElement('canvas')
              canvas.width = 1200
              canvas.height = 760
              const c = canvas.getContext('2d')
              c.fillStyle = '#6d6a64'
              c.fillRect(0, 0, 1200, 760)
              c.translate(600, 380)
              c.rotate((tilt * Math.PI) / 180)
              c.translate(-600, -380)
              c.filter = blur ? `blur(${blur}px)` : 'none'
              c.fillStyle = layout === 2 ? '#c9ccce' : '#e9e9e4'
              c.fillRect(110, 110, 980, 540)
              c.strokeStyle = '#222'
              c.lineWidth = 4
              c.strokeRect(125, 125, 950, 510)
              c.fillStyle = '#1b1b1b'
              const line = (text, x, y, size, font = 'sans-serif') => {
                c.font = `${size}px ${font}`
                c.fillText(text, x, y)
              }
              if (layout === 0) {
                line(maker.toUpperCase(), 160, 210, 64, 'bold sans-serif')
                line(`MODEL  ${model}`, 160, 310, 46)
                line(`SERIAL NO  ${serial}`, 160, 385, 46)
                line('220-240 V ~  50 Hz  2100 W', 160, 470, 36)
                line('Made in Saltmere   IPX4', 160, 540, 34)
              } else if (layout === 1) {
                line(maker, 160, 210, 60, 'bold serif')
                line(`Typ: ${model}`, 160, 310, 44, 'monospace')
                line(`S/N: ${serial}`, 160, 380, 44, 'monospace')
                line('230 V ~ 50 Hz 10 A', 160, 470, 38, 'monospace')
                line('Water 0.04 - 1 MPa', 160, 540, 38, 'monospace')
              } else if (layout === 2) {
                line(maker, 700, 210, 56, 'bold sans-serif')
                line('Model', 160, 220, 30)
                line(model, 160, 280, 50, 'bold sans-serif')
                line('Serial No.', 160, 370, 30)
                line(serial, 160, 430, 50, 'bold sans-serif')
                line('1900 W   220-240 V   50 Hz', 160, 540, 36)
              } else {
                line(maker.toUpperCase(), 160, 200, 54, 'bold monospace')
                line(`MODEL: ${model}`, 160, 300, 42, 'monospace')
                line(`SERIAL: ${serial}`, 160, 370, 42, 'monospace')
                line('VOLTAGE: 230 V   FUSE: 10 A', 160, 450, 36, 'monospace')
                line('YEAR: 2021', 160, 520, 36, 'monospace')
              }
              c.filter = 'none'
              c.setTransform(1, 0, 0, 1, 0, 0)
              const x = 300 + 600 * random()
              const y = 150 + 460 * random()
              const light = c.createRadialGradient(x, y, 20, x, y, 260)
              light.addColorStop(0, `rgba(255,255,255,${glare})`)
              light.addColorStop(1, 'rgba(255,255,255,0)')
              c.fillStyle = light
              c.fillRect(0, 0, 1200, 760)
              const picture = c.getImageData(0, 0, 1200, 760)
              for (let i = 0; i < picture.data.length; i += 4) {
                const off = noise * normal()
                for (let k = 0; k < 3; k++) picture.data[i + k] += off
              }
              c.putImageData(picture, 0, 0)
              return canvas.toDataURL('image/png')
            }
            """;
}
