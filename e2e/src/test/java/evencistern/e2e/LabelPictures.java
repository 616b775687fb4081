package evencistern.e2e;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;

/** Labels of invented products, drawn as a phone would see them: turned, in shade, bent round a bottle, with a coarse sensor. */
final class LabelPictures {
    private LabelPictures() {}

    /**
     * One label and how it is seen.
     *
     * @param degrees it is turned by
     * @param shade how much darker one side is, 0 to 1
     * @param bend how far round a bottle it reaches, 0 to 1
     * @param fields what it says, by the form's fields
     */
    record Seen(
            String name, List<String> lines, Map<String, String> fields, double degrees, double shade, double bend) {}

    private static final List<String> LILY = List.of(
            "Brook Lily powder 15-7-20",
            "Total nitrogen (N) 15 %",
            "nitrate nitrogen 8.5 %",
            "ammonium nitrogen 2.5 %",
            "urea nitrogen 4 %",
            "Phosphorus pentoxide (P2O5) 7 %",
            "Potassium oxide (K2O) 20 %",
            "Iron (Fe) EDTA 0.1 %",
            "Dissolve 1 g per litre of water, every 14 days.");
    private static final Map<String, String> LILY_SAYS = Map.ofEntries(
            Map.entry("N", "15"),
            Map.entry("NITRATE_N", "8.5"),
            Map.entry("AMMONIUM_N", "2.5"),
            Map.entry("UREA_N", "4"),
            Map.entry("P2O5", "7"),
            Map.entry("K2O", "20"),
            Map.entry("FE", "0.1"),
            Map.entry("chelate", "edta"),
            Map.entry("label", "Dissolve 1 g per litre of water, every 14 days."));
    private static final List<String> HERON = List.of(
            "Heron liquid feed",
            "Nitrogen (N) 5 %",
            "Phosphorus pentoxide (P2O5) 3 %",
            "Potassium oxide (K2O) 6 %",
            "Boron (B) 0.02 %",
            "Density 1.18 kg/l",
            "Add 5 ml to each litre of water.",
            "Feed every week from March to October.");
    private static final Map<String, String> HERON_SAYS = Map.of(
            "N", "5",
            "P2O5", "3",
            "K2O", "6",
            "B", "0.02",
            "density", "1.18",
            "label", "Add 5 ml to each litre of water. Feed every week from March to October.");
    private static final List<String> OTTER = List.of(
            "Slow Otter granules",
            "NPK 16-9-12",
            "Magnesium oxide (MgO) 2 %",
            "Controlled release, 5-6 months at 21 °C",
            "Mix 3 g into each litre of potting mix, once.");
    private static final Map<String, String> OTTER_SAYS = Map.of(
            "N", "16",
            "P2O5", "9",
            "K2O", "12",
            "MGO", "2",
            "coatedMonths", "5.5",
            "coatedCelsius", "21",
            "label", "Mix 3 g into each litre of potting mix, once.");

    /** Twelve pictures. */
    static List<Seen> twelve() {
        return List.of(
                new Seen("straight", LILY, LILY_SAYS, 0, 0, 0),
                new Seen("turned a little", LILY, LILY_SAYS, 3, 0.2, 0),
                new Seen("turned the other way", LILY, LILY_SAYS, -6, 0.3, 0),
                new Seen("in deep shade", LILY, LILY_SAYS, 1, 0.75, 0),
                new Seen("bent", HERON, HERON_SAYS, 0, 0.2, 0.5),
                new Seen("bent and turned", HERON, HERON_SAYS, 4, 0.4, 0.4),
                new Seen("bent far", HERON, HERON_SAYS, -2, 0.5, 0.7),
                new Seen("on its side", HERON, HERON_SAYS, 90, 0.3, 0),
                new Seen("granules", OTTER, OTTER_SAYS, 2, 0.3, 0),
                new Seen("granules turned", OTTER, OTTER_SAYS, -8, 0.4, 0),
                new Seen("granules on their head", OTTER, OTTER_SAYS, 180, 0.2, 0),
                new Seen("granules bent in shade", OTTER, OTTER_SAYS, 3, 0.6, 0.5));
    }

    static byte[] png(Seen seen) {
        BufferedImage page = bent(written(seen.lines()), seen.bend());
        page = turned(page, seen.degrees());
        sensed(page, seen.shade());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(page, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static BufferedImage written(List<String> lines) {
        BufferedImage page = new BufferedImage(1300, 140 + 66 * lines.size(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = page.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setColor(new Color(238, 232, 215));
        g.fillRect(0, 0, page.getWidth(), page.getHeight());
        g.setColor(new Color(25, 40, 35));
        for (int i = 0; i < lines.size(); i++) {
            g.setFont(new Font(Font.SANS_SERIF, i == 0 ? Font.BOLD : Font.PLAIN, i == 0 ? 48 : 40));
            g.drawString(lines.get(i), 90, 110 + 66 * i);
        }
        g.dispose();
        return page;
    }

    /** Round a bottle: narrower to the sides, the lines sagging. */
    private static BufferedImage bent(BufferedImage flat, double bend) {
        if (bend == 0) {
            return flat;
        }
        int width = flat.getWidth();
        int sag = (int) (bend * 60);
        BufferedImage page = new BufferedImage(width, flat.getHeight() + sag, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            double across = 2.0 * x / width - 1;
            double from = Math.asin(across * Math.sin(bend)) / bend;
            int column = (int) Math.min(width - 1, Math.max(0, (from + 1) / 2 * width));
            int down = (int) (sag * (1 - across * across));
            for (int y = 0; y < page.getHeight(); y++) {
                int row = y - down;
                page.setRGB(x, y, row >= 0 && row < flat.getHeight() ? flat.getRGB(column, row) : 0xEEE8D7);
            }
        }
        return page;
    }

    private static BufferedImage turned(BufferedImage page, double degrees) {
        double angle = Math.toRadians(degrees);
        double sin = Math.abs(Math.sin(angle));
        double cos = Math.abs(Math.cos(angle));
        int width = (int) (page.getWidth() * cos + page.getHeight() * sin);
        int height = (int) (page.getWidth() * sin + page.getHeight() * cos);
        BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = out.createGraphics();
        g.setColor(new Color(120, 95, 70));
        g.fillRect(0, 0, width, height);
        AffineTransform t = new AffineTransform();
        t.translate(width / 2.0, height / 2.0);
        t.rotate(angle);
        t.translate(-page.getWidth() / 2.0, -page.getHeight() / 2.0);
        g.drawImage(page, new AffineTransformOp(t, AffineTransformOp.TYPE_BILINEAR), 0, 0);
        g.dispose();
        return out;
    }

    /** A shadow from one corner, and the grain of a small sensor. */
    private static void sensed(BufferedImage page, double shade) {
        Random grain = new Random(7);
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                double light = 1 - shade * (x / (double) page.getWidth() + y / (double) page.getHeight()) / 2;
                int noise = (int) (grain.nextGaussian() * 5);
                Color c = new Color(page.getRGB(x, y));
                page.setRGB(
                        x,
                        y,
                        new Color(
                                        lit(c.getRed(), light, noise),
                                        lit(c.getGreen(), light, noise),
                                        lit(c.getBlue(), light, noise))
                                .getRGB());
            }
        }
    }

    private static int lit(int part, double light, int noise) {
        return Math.min(255, Math.max(0, (int) (part * light) + noise));
    }
}
