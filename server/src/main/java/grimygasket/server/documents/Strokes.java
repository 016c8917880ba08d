package grimygasket.server.documents;

import grimygasket.visit.line.Signature;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;

/** Draws a signature. */
final class Strokes {
    /** Points of the picture to one of the field that was signed in: sharp enough for print. */
    private static final int SCALE = 3;

    private static final float WIDTH = 2;

    private Strokes() {}

    /** As the data URL of a picture. */
    static String drawn(String strokes) {
        var picture =
                new BufferedImage(SCALE * Signature.WIDTH, SCALE * Signature.HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        var graphics = picture.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, picture.getWidth(), picture.getHeight());
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.scale(SCALE, SCALE);
        graphics.setColor(Color.BLACK);
        graphics.setStroke(new BasicStroke(WIDTH, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (var stroke : strokes.split(";")) {
            graphics.draw(path(stroke));
        }
        graphics.dispose();
        return DataUrls.of(picture, "png");
    }

    private static Path2D path(String stroke) {
        var path = new Path2D.Double();
        for (var point : stroke.split(" ")) {
            int comma = point.indexOf(',');
            int x = Integer.parseInt(point.substring(0, comma));
            int y = Integer.parseInt(point.substring(comma + 1));
            if (path.getCurrentPoint() == null) {
                path.moveTo(x, y);
            }
            // A lone point is a dot.
            path.lineTo(x, y);
        }
        return path;
    }
}
