package sectorum.device;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * The way of a cutting head over a file: what is drawn with the pen first, then what is cut, each time the nearest next; so
 * that nothing is drawn on what is cut out already.
 *
 * @param width of the sheet, mm
 * @param height of the sheet, mm
 * @param strokes in the order of the head
 */
public record CutPath(double width, double height, List<Stroke> strokes) {
    /** The layers of our files: what is cut, and what is only drawn. */
    private static final String CUT = "CUT";

    private static final int MOST_POINTS = 2_000_000;

    public CutPath {
        strokes = List.copyOf(strokes);
    }

    /**
     * One line without lifting.
     *
     * @param cut whether a knife makes it; else a pen
     * @param xy x0, y0, x1, y1, …, mm, y up
     */
    public record Stroke(boolean cut, List<Double> xy) {
        public Stroke {
            xy = List.copyOf(xy);
        }

        /** mm. */
        public double length() {
            double sum = 0;
            for (int i = 2; i + 1 < xy.size(); i += 2) {
                sum += Elementary.hypot(xy.get(i) - xy.get(i - 2), xy.get(i + 1) - xy.get(i - 1));
            }
            return sum;
        }
    }

    /** Of a DXF as Sectorum writes it: R12 in millimetres. */
    public static CutPath ofDxf(String dxf) {
        String[] lines = dxf.split("\\r?\\n");
        List<Stroke> strokes = new ArrayList<>();
        List<Double> xy = null;
        boolean cut = false;
        boolean closed = false;
        double width = 0;
        double height = 0;
        boolean entities = false;
        String last = "";
        int points = 0;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            String code = lines[i].strip();
            String value = lines[i + 1].strip();
            switch (code) {
                case "9" -> last = value;
                case "0" -> {
                    if (value.equals("SEQEND") && xy != null) {
                        if (closed && xy.size() >= 4) {
                            xy.add(xy.get(0));
                            xy.add(xy.get(1));
                        }
                        strokes.add(new Stroke(cut, xy));
                        xy = null;
                    }
                    last = value;
                    if (value.equals("POLYLINE")) {
                        xy = new ArrayList<>();
                        closed = false;
                    }
                }
                case "2" -> entities = entities || value.equals("ENTITIES");
                case "8" -> cut = last.equals("POLYLINE") ? value.equals(CUT) : cut;
                case "70" -> closed = last.equals("POLYLINE") ? value.equals("1") : closed;
                case "10" -> {
                    if (!entities && last.equals("$EXTMAX")) {
                        width = number(value);
                    } else if (xy != null && last.equals("VERTEX")) {
                        xy.add(number(value));
                        points++;
                    }
                }
                case "20" -> {
                    if (!entities && last.equals("$EXTMAX")) {
                        height = number(value);
                    } else if (xy != null && last.equals("VERTEX")) {
                        xy.add(number(value));
                    }
                }
                default -> {}
            }
            if (points > MOST_POINTS) {
                throw refused("has more than " + MOST_POINTS + " points");
            }
        }
        if (strokes.isEmpty()) {
            throw refused("has no line in it");
        }
        return new CutPath(width, height, ordered(strokes));
    }

    private static double number(String value) {
        try {
            double read = Double.parseDouble(value);
            if (Double.isFinite(read)) {
                return read;
            }
        } catch (NumberFormatException e) {
            // falls through to the one refusal below
        }
        throw refused("holds \"" + (value.length() > 20 ? value.substring(0, 20) + "…" : value) + "\" for a number");
    }

    private static Refused refused(String why) {
        return new Refused(
                "file", Phrase.of("This file {}: it cannot be cut. Send a template from here.", Quantity.text(why)));
    }

    /** Pen before knife, and of each the stroke that begins nearest to where the head is. */
    private static List<Stroke> ordered(List<Stroke> strokes) {
        List<Stroke> order = new ArrayList<>();
        double x = 0;
        double y = 0;
        for (boolean cut : new boolean[] {false, true}) {
            List<Stroke> left =
                    new ArrayList<>(strokes.stream().filter(s -> s.cut() == cut).toList());
            while (!left.isEmpty()) {
                int nearest = 0;
                double best = Double.MAX_VALUE;
                for (int i = 0; i < left.size(); i++) {
                    double away = Elementary.hypot(
                            left.get(i).xy().get(0) - x, left.get(i).xy().get(1) - y);
                    if (away < best) {
                        best = away;
                        nearest = i;
                    }
                }
                Stroke next = left.remove(nearest);
                order.add(next);
                x = next.xy().get(next.xy().size() - 2);
                y = next.xy().get(next.xy().size() - 1);
            }
        }
        return order;
    }

    /** All that is cut or drawn, mm. */
    public double length() {
        return strokes.stream().mapToDouble(Stroke::length).reduce(0, Double::sum);
    }
}
