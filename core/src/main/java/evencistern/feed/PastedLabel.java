package evencistern.feed;

import evencistern.fault.Faults;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * All of a label's text, its lines as they are printed.
 *
 * <p><b>Answers</b> which of the form's fields does this label fill, and where does it say so?
 * <p><b>Formula</b> g/kg / 10 and mg/kg / 10 000 are per cent by weight, g/L / 10 per cent by volume; EC of 1 g/L from a table by least
 * squares through zero
 * <p><b>Units</b> %; kg/L; mS/cm; months; °C
 * <p><b>Valid for</b> up to 40 000 characters; what does not fit with the rest of the label is marked, and nothing is taken from
 * a line that is not shown with it
 * <p><b>Source</b> [COMMON] how labels are written
 * <p><b>Checked by</b> PastedLabelTest
 *
 * @param found in the order of the text
 */
public record PastedLabel(List<Found> found) {
    public static final int LONGEST = 40_000;

    /** Forms may miss the total by so much a line: printed figures are rounded. */
    private static final double ROUNDED = 0.06;

    private static final double LONGEST_NAME = 60;

    /** Why a person should look twice before taking it. */
    public enum Doubt {
        NO_UNIT,
        FORMS_DIFFER,
        SAID_TWICE,
        ABOVE_100,
        MISREAD;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What one field gets, and the stretch of the text that says so.
     *
     * @param field of the feed's form: name, form, density, ecFactor, basis, chelate, coatedMonths, coatedCelsius, label, or a line of
     *     the analysis
     */
    public record Found(String field, String text, String unit, int start, int end, Set<Doubt> doubts) {
        private Found but(Doubt doubt) {
            Set<Doubt> more = EnumSet.of(doubt);
            more.addAll(doubts);
            return new Found(field, text, unit, start, end, more);
        }

        private double number() {
            return Double.parseDouble(text);
        }
    }

    /**
     * Searches a label.
     *
     * @param scanned whether it was read from a picture, where a per cent sign often becomes a 9 or 94
     */
    public static PastedLabel of(String text, boolean scanned) {
        return new Reader(text, scanned).read();
    }

    private record Line(int start, String text) {
        int end() {
            return start + text.length();
        }
    }

    private record Name(int start, int end, Declared line, boolean symbol) {}

    private record Value(int start, int end, double number, String unit, String digits) {}

    private static final Map<String, Declared> WORDS = new HashMap<>();
    private static final Pattern NAMES = names();
    private static final Pattern VALUE = Pattern.compile(
            "(?<![\\p{L}\\d.,])(\\d{1,5}(?:[.,]\\d{1,4})?)\\s*"
                    + "(%\\s*\\(?[wm]\\s*/\\s*[vw]\\)?|%|g\\s*/\\s*l\\b|g\\s*/\\s*kg\\b|mg\\s*/\\s*kg\\b|mg\\s*/\\s*l\\b|ppm\\b)?");
    private static final Pattern THREE = Pattern.compile("(?<![\\d.,/-])(\\d{1,2}(?:[.,]\\d{1,2})?)\\s*[-+:/]\\s*"
            + "(\\d{1,2}(?:[.,]\\d{1,2})?)\\s*[-+:/]\\s*(\\d{1,2}(?:[.,]\\d{1,2})?)(?![\\d/-]|[.,]\\d)");
    private static final Pattern DIRECTS = Pattern.compile(
            "\\b(every|weekly|daily|fortnightly|monthly|dilut\\w*|apply|dissolve|mix|add|feed \\w+|per (litre|liter|gallon|gal|l|plant|pot))\\b");
    private static final Pattern DENSITY = Pattern.compile(
            "(?:density|specific gravity|spec\\.? gravity|weight per volume)\\D{0,25}?(\\d[.,]\\d{1,3})\\s*(kg/l|kg/dm3|g/ml|g/cm3|g/cc)?");
    private static final Pattern AT_SO_MUCH =
            Pattern.compile("(\\d{1,2}(?:[.,]\\d{1,3})?)\\s*g\\s*/\\s*(?:l|litre|liter)\\b");
    private static final Pattern CONDUCTS =
            Pattern.compile("(\\d{1,2}(?:[.,]\\d{1,3})?)\\s*(?:ms\\s*/\\s*cm|ms|ds\\s*/\\s*m)\\b");
    private static final Pattern CHELATE = Pattern.compile("\\b(edta|dtpa|hedta|eddha)\\b");
    private static final Pattern MONTHS =
            Pattern.compile("(\\d{1,2})(?:\\s*(?:-|to)\\s*(\\d{1,2}))?\\s*(?:-\\s*)?months?\\b");
    private static final Pattern CELSIUS = Pattern.compile("(\\d{2})\\s*°?\\s*(c|f)\\b");
    private static final Pattern COATED = Pattern.compile("coated|controlled.release|slow.release|longevity|resin");
    private static final Pattern LIQUID =
            Pattern.compile("\\bliquid\\b|\\bml\\b|shake|%\\s*w\\s*/\\s*v|\\bconcentrate\\b|\\bcapfuls?\\b");
    private static final Pattern DRY =
            Pattern.compile("granul\\w*|powder|crystal\\w*|coated|\\bg\\s*(?:/|per)\\s*l|tablets?");

    private static Pattern names() {
        List<String> ways = new ArrayList<>();
        for (String row : DataFile.lines(PastedLabel.class, "label-lines.txt")) {
            if (row.startsWith("#") || row.isBlank()) {
                continue;
            }
            int colon = row.indexOf(':');
            Declared line = Declared.valueOf(row.substring(0, colon));
            for (String way : row.substring(colon + 1).split(",", -1)) {
                WORDS.put(way.strip(), line);
                ways.add(way.strip());
            }
        }
        String words = ways.stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(w -> w.replace(" ", "[\\s-]+"))
                .collect(Collectors.joining("|"));
        String symbols =
                "P2[O0]5|K2[O0]|CaO|MgO|SO3|SiO2|NO3-N|N-NO3|NH4-N|N-NH4|Ca|Mg|Si|Fe|Mn|Zn|Cu|Mo|Ni|Cl|Na|N|P|K|S|B";
        return Pattern.compile("(?<![\\p{L}\\d])(?:(?i:(" + words + "))|(" + symbols + "))(?![\\p{L}\\d])");
    }

    private static final class Reader {
        private final String text;
        private final String low;
        private final boolean scanned;
        private final List<Line> lines = new ArrayList<>();
        private final List<Found> found = new ArrayList<>();
        private final Map<Declared, Found> analysis = new EnumMap<>(Declared.class);
        private boolean[] used = new boolean[0];
        private boolean byVolume;

        private Reader(String text, boolean scanned) {
            this.text = plain(text);
            this.low = lower(this.text);
            this.scanned = scanned;
        }

        /** One character for each: small digits on the line, dashes and blanks all alike. */
        private static String plain(String text) {
            StringBuilder out = new StringBuilder(text.length());
            for (int i = 0; i < text.length(); i++) {
                char c = text.charAt(i);
                out.append(
                        c >= '₀' && c <= '₉'
                                ? (char) ('0' + c - '₀')
                                : "–—−‐‑".indexOf(c) >= 0
                                        ? '-'
                                        : c == '²'
                                                ? '2'
                                                : c == '³' ? '3' : Character.isSpaceChar(c) || c == '\t' ? ' ' : c);
            }
            return out.toString();
        }

        /** In small letters, each in its place: a word's own lower case may be longer. */
        private static String lower(String text) {
            StringBuilder out = new StringBuilder(text);
            for (int i = 0; i < out.length(); i++) {
                out.setCharAt(i, Character.toLowerCase(out.charAt(i)));
            }
            return out.toString();
        }

        private PastedLabel read() {
            int start = 0;
            for (String line : text.split("\n", -1)) {
                lines.add(new Line(start, line.replace('\r', ' ')));
                start += line.length() + 1;
            }
            used = new boolean[lines.size()];
            for (int i = 0; i < lines.size(); i++) {
                three(i);
            }
            String header = "";
            for (int i = 0; i < lines.size(); i++) {
                String line = low(i);
                if (line.contains("%") && line.chars().noneMatch(Character::isDigit)) {
                    header = line;
                }
                if (line.isBlank()) {
                    header = "";
                }
                if (!DIRECTS.matcher(line).find()) {
                    analysed(i, !header.isEmpty());
                }
                byVolume |= used[i] && (line + header).matches(".*%\\s*\\(?[wm]\\s*/\\s*v.*|.*g\\s*/\\s*l\\b.*");
            }
            density();
            conductivity();
            coating();
            first(CHELATE, "chelate", 1, "");
            doubts();
            asOxides();
            found.addAll(analysis.values());
            if (byVolume && !analysis.isEmpty()) {
                Found any = analysis.values().iterator().next();
                found.add(new Found("basis", "by_volume", "", any.start(), any.end(), Set.of()));
            }
            name();
            form();
            directions();
            if (found.stream()
                    .allMatch(f -> f.field().equals("name") || f.field().equals("form"))) {
                return new PastedLabel(List.of()); // words, but no label's
            }
            found.sort(Comparator.comparingInt(Found::start));
            return new PastedLabel(List.copyOf(found));
        }

        private String low(int i) {
            Line line = lines.get(i);
            return low.substring(line.start(), line.end());
        }

        private int lineOf(int at) {
            int i = lines.size() - 1;
            while (lines.get(i).start() > at) {
                i--;
            }
            return i;
        }

        private static double number(String digits) {
            return Double.parseDouble(digits.replace(',', '.'));
        }

        // --- the analysis ---

        private boolean[] three = new boolean[0];

        /** "NPK 7-3-6 + 2 MgO", the three numbers that every label has, where no line tells otherwise. */
        private void three(int i) {
            if (three.length == 0) {
                three = new boolean[text.length() + 1];
            }
            Line line = lines.get(i);
            Matcher m = THREE.matcher(line.text());
            while (m.find()) {
                String rest = (line.text().substring(0, m.start()) + line.text().substring(m.end()));
                boolean named = rest.matches("(?is).*(npk|n-p-k|n:p:k|fertili[sz]er|feed|food).*")
                        || rest.replaceAll("[^\\p{L}]", "").length() <= 25;
                if (!named || DIRECTS.matcher(low(i)).find() || analysis.containsKey(Declared.N)) {
                    continue;
                }
                Declared[] of = {Declared.N, Declared.P2O5, Declared.K2O};
                for (int k = 0; k < 3; k++) {
                    put(of[k], number(m.group(k + 1)), line.start() + m.start(), line.start() + m.end(), Set.of());
                }
                for (int c = m.start(); c < m.end(); c++) {
                    three[line.start() + c] = true;
                }
                return;
            }
        }

        private double percent(Declared line) {
            return Objects.requireNonNull(analysis.get(line)).number();
        }

        private void put(Declared line, double percent, int start, int end, Set<Doubt> doubts) {
            analysis.put(line, new Found(line.name(), Faults.plain(percent), "%", start, end, doubts));
        }

        /** One line of the table: names and numbers in turn, whichever comes first. */
        private void analysed(int i, boolean headed) {
            Line line = lines.get(i);
            for (String part : parts(line.text())) {
                int from = line.start() + line.text().indexOf(part);
                List<Name> names = new ArrayList<>();
                Matcher n = NAMES.matcher(part);
                while (n.find()) {
                    if (!three[from + n.start()]) {
                        add(names, n, from);
                    }
                }
                List<Value> values = new ArrayList<>();
                Matcher v = VALUE.matcher(lower(part));
                while (v.find()) {
                    int at = from + v.start();
                    if (!three[at] && names.stream().noneMatch(x -> x.start() <= at && at < x.end())) {
                        String unit = v.group(2) == null ? "" : v.group(2).replaceAll("\\s", "");
                        values.add(new Value(at, from + v.end(), number(v.group(1)), unit, v.group(1)));
                    }
                }
                pair(i, part, names, values, headed);
            }
        }

        /** What stands in brackets with a number of its own is apart: "5 % P2O5 (2.2 % P)". */
        private static List<String> parts(String line) {
            List<String> parts = new ArrayList<>();
            Matcher m = Pattern.compile("\\([^()%]{0,80}%[^()]{0,80}\\)").matcher(line);
            int at = 0;
            while (m.find()) {
                parts.add(line.substring(at, m.start()));
                parts.add(m.group());
                at = m.end();
            }
            parts.add(line.substring(at));
            parts.removeIf(String::isBlank);
            return parts;
        }

        /** "Phosphorus (P2O5)" is one name, by its symbol; "nitrate nitrogen (N)" one by its words. */
        private void add(List<Name> names, Matcher n, int from) {
            boolean symbol = n.group(2) != null;
            Declared line = symbol
                    ? symbol(n.group(2))
                    : Objects.requireNonNull(
                            WORDS.get(n.group(1).toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", " ")));
            Name name = new Name(from + n.start(), from + n.end(), line, symbol);
            if (names.isEmpty()) {
                names.add(name);
                return;
            }
            Name last = names.get(names.size() - 1);
            boolean near = text.substring(last.end(), name.start()).chars().noneMatch(Character::isDigit);
            boolean nitrogen =
                    last.line().nutrient().nitrogen() && line.nutrient().nitrogen();
            if (!near || (!nitrogen && last.line().nutrient() != line.nutrient())) {
                names.add(name);
                return;
            }
            boolean form = last.line().nitrogenForm() || line.nitrogenForm();
            Declared kept = form ? (last.line().nitrogenForm() ? last.line() : line) : symbol ? line : last.line();
            names.set(names.size() - 1, new Name(last.start(), name.end(), Objects.requireNonNull(kept), true));
        }

        private static Declared symbol(String symbol) {
            return switch (symbol) {
                case "NO3-N", "N-NO3" -> Declared.NITRATE_N;
                case "NH4-N", "N-NH4" -> Declared.AMMONIUM_N;
                default -> Declared.valueOf(symbol.toUpperCase(Locale.ROOT).replace('0', 'O')); // a nought of a picture
            };
        }

        private void pair(int i, String part, List<Name> names, List<Value> values, boolean headed) {
            if (names.isEmpty() || values.isEmpty()) {
                return;
            }
            boolean bare = names.size() == 1
                    && values.size() == 1
                    && part.replaceAll("[^\\p{L}\\d]", "").length()
                            <= text.substring(names.get(0).start(), names.get(0).end())
                                            .replaceAll("[^\\p{L}\\d]", "")
                                            .length()
                                    + 6;
            boolean valueFirst = values.get(0).start() < names.get(0).start();
            for (Name name : names) {
                Optional<Value> value = valueFirst
                        ? values.stream().filter(v -> v.end() <= name.start()).reduce((a, b) -> b)
                        : values.stream().filter(v -> v.start() >= name.end()).findFirst();
                boolean others = value.isPresent()
                        && names.stream()
                                .anyMatch(o -> !o.equals(name)
                                        && o.start()
                                                >= Math.min(
                                                        name.end(), value.get().end())
                                        && o.end()
                                                <= Math.max(
                                                        name.start(),
                                                        value.get().start()));
                if (value.isEmpty() || others || (value.get().unit().isEmpty() && !bare && !headed && !scanned)) {
                    continue;
                }
                take(i, name, value.get(), headed);
            }
        }

        private void take(int i, Name name, Value value, boolean headed) {
            double percent = switch (value.unit()) {
                case "g/kg", "g/l" -> value.number() / 10;
                case "mg/kg", "ppm", "mg/l" -> value.number() / 10_000;
                default -> value.number();
            };
            Set<Doubt> doubts =
                    value.unit().isEmpty() && !headed ? EnumSet.of(Doubt.NO_UNIT) : EnumSet.noneOf(Doubt.class);
            int start = Math.min(name.start(), value.start());
            int end = Math.max(name.end(), value.end());
            used[i] = true;
            Found had = analysis.get(name.line());
            if (had == null) {
                had = analysis.get(other(name.line()));
                if (had != null && !had.field().equals(name.line().name())) {
                    agrees(had, name, percent);
                    return;
                }
            }
            if (had != null && !near(had.number(), percent)) {
                if (three[had.start()] && doubts.isEmpty()) {
                    doubts.add(Doubt.SAID_TWICE);
                } else {
                    analysis.put(name.line(), had.but(Doubt.SAID_TWICE));
                    return;
                }
            }
            if (had == null || three[had.start()]) {
                put(name.line(), percent, start, end, doubts);
            }
        }

        /** The same nutrient named the other way, as its oxide or as the element. */
        private static Declared other(Declared line) {
            for (Declared d : Declared.values()) {
                if (d != line
                        && d.nutrient() == line.nutrient()
                        && !line.nutrient().nitrogen()) {
                    return d;
                }
            }
            return line;
        }

        private void agrees(Found had, Name name, double percent) {
            Declared first = Declared.valueOf(had.field());
            double one = had.number() * first.element();
            double two = percent * name.line().element();
            if (three[had.start()] && near(had.number(), percent)) {
                // "8-1-6" with "phosphorus (P) 1 %": the three numbers were elements
                analysis.remove(first);
                put(name.line(), percent, had.start(), had.end(), Set.of());
            } else if (Math.abs(one - two) > Math.max(ROUNDED, one * 0.03)) {
                analysis.put(first, had.but(Doubt.SAID_TWICE));
            }
        }

        /** A form takes phosphorus and potassium both as oxides or both as elements: where one is an oxide, the other is made one. */
        private void asOxides() {
            boolean oxide = analysis.containsKey(Declared.P2O5) || analysis.containsKey(Declared.K2O);
            Map.of(Declared.P, Declared.P2O5, Declared.K, Declared.K2O).forEach((element, of) -> {
                Found f = analysis.get(element);
                if (oxide && f != null && !analysis.containsKey(of)) {
                    analysis.remove(element);
                    put(of, Math.round(f.number() / of.element() * 100) / 100.0, f.start(), f.end(), f.doubts());
                }
            });
        }

        private static boolean near(double a, double b) {
            return Math.abs(a - b) <= 1e-9 + 0.005 * Math.max(a, b);
        }

        /** What the analysis itself says of its numbers: forms make the total, all together are no more than all there is. */
        private void doubts() {
            List<Declared> forms =
                    analysis.keySet().stream().filter(Declared::nitrogenForm).toList();
            Found total = analysis.get(Declared.N);
            if (scanned) {
                misread(forms);
                total = analysis.get(Declared.N);
            }
            double sum = forms.stream().mapToDouble(f -> percent(f)).sum();
            if (total != null && !forms.isEmpty() && Math.abs(sum - total.number()) > ROUNDED * (forms.size() + 1)) {
                analysis.replaceAll((line, f) -> line.nutrient().nitrogen() ? f.but(Doubt.FORMS_DIFFER) : f);
            }
            double all = analysis.entrySet().stream()
                    .filter(e -> !e.getKey().nitrogenForm())
                    .mapToDouble(e -> e.getValue().number())
                    .sum();
            if (all > 100 && !byVolume) {
                double most = analysis.values().stream()
                        .mapToDouble(Found::number)
                        .max()
                        .orElse(0);
                analysis.replaceAll((line, f) -> f.number() >= most / 2 ? f.but(Doubt.ABOVE_100) : f);
            }
        }

        /** In a picture a per cent sign is often read as 9 or 94: what is left without it counts where the rest then adds up. */
        private void misread(List<Declared> forms) {
            for (Declared line : List.copyOf(analysis.keySet())) {
                Found f = Objects.requireNonNull(analysis.get(line));
                if (f.doubts().contains(Doubt.NO_UNIT)) {
                    analysis.put(line, f.but(Doubt.MISREAD));
                }
            }
            Found total = analysis.get(Declared.N);
            if (total == null || forms.isEmpty()) {
                return;
            }
            double told = total.number();
            for (Declared line : forms) {
                Found f = Objects.requireNonNull(analysis.get(line));
                double others = forms.stream()
                        .filter(o -> o != line)
                        .mapToDouble(o -> percent(o))
                        .sum();
                String digits = f.text();
                for (int cut = 1; cut <= 2 && cut < digits.length(); cut++) {
                    String left = digits.substring(0, digits.length() - cut);
                    boolean sign = digits.substring(digits.length() - cut).matches("9|94|96|95|98|90");
                    if (sign
                            && !left.endsWith(".")
                            && f.doubts().contains(Doubt.NO_UNIT)
                            && Math.abs(others + number(left) - told) <= ROUNDED * (forms.size() + 1)) {
                        analysis.put(
                                line, new Found(f.field(), left, "%", f.start(), f.end(), EnumSet.of(Doubt.MISREAD)));
                    }
                }
            }
        }

        // --- beside the analysis ---

        private void first(Pattern pattern, String field, int group, String unit) {
            Matcher m = pattern.matcher(low);
            if (m.find()) {
                found.add(new Found(field, m.group(group).replace(',', '.'), unit, m.start(), m.end(), Set.of()));
                used[lineOf(m.start())] = true;
            }
        }

        private void density() {
            first(DENSITY, "density", 1, "kg/L");
        }

        private void conductivity() {
            double xy = 0;
            double xx = 0;
            int start = -1;
            int end = -1;
            boolean table = false;
            for (int i = 0; i < lines.size(); i++) {
                String line = low(i);
                boolean ec = line.matches(".*(\\bec\\b|conductivity|ms\\s*/\\s*cm|ds\\s*/\\s*m).*");
                Matcher much = AT_SO_MUCH.matcher(line);
                Matcher conducts = CONDUCTS.matcher(line);
                double x = 0;
                double y = 0;
                if (ec && much.find() && conducts.find()) {
                    x = number(much.group(1));
                    y = number(conducts.group(1));
                } else if (ec
                        && line.matches(".*\\bg\\s*/\\s*l\\b.*")
                        && line.chars().filter(Character::isDigit).count() <= 2) {
                    table = true;
                } else if (table) {
                    Matcher row = Pattern.compile("^\\D*?(\\d+(?:[.,]\\d+)?)\\D+?(\\d+(?:[.,]\\d+)?)\\D*$")
                            .matcher(line);
                    table = row.matches();
                    if (table) {
                        x = number(row.group(1));
                        y = number(row.group(2));
                    }
                }
                if (x > 0 && y > 0) {
                    xy += x * y;
                    xx += x * x;
                    start = start < 0 ? lines.get(i).start() : start;
                    end = lines.get(i).end();
                    used[i] = true;
                }
            }
            if (xx > 0 && xy / xx <= 3) {
                found.add(new Found(
                        "ecFactor", Faults.plain(Math.round(xy / xx * 100) / 100.0), "mS/cm", start, end, Set.of()));
            }
        }

        private void coating() {
            for (int i = 0; i < lines.size(); i++) {
                String line = low(i);
                Matcher months = MONTHS.matcher(line);
                if (!COATED.matcher(line).find() || !months.find()) {
                    continue;
                }
                int at = lines.get(i).start();
                double most = number(Optional.ofNullable(months.group(2)).orElse(months.group(1)));
                double mean = (number(months.group(1)) + most) / 2;
                found.add(new Found(
                        "coatedMonths", Faults.plain(mean), "", at + months.start(), at + months.end(), Set.of()));
                Matcher warm = CELSIUS.matcher(line);
                if (warm.find(months.end())) {
                    double degrees = number(warm.group(1));
                    double celsius = warm.group(2).equals("f") ? Math.round((degrees - 32) / 1.8) : degrees;
                    found.add(new Found(
                            "coatedCelsius",
                            Faults.plain(celsius),
                            "°C",
                            at + warm.start(),
                            at + warm.end(),
                            Set.of()));
                }
                used[i] = true;
                return;
            }
        }

        private void name() {
            for (Line line : lines) {
                String words = text.substring(line.start(), line.end()).strip();
                if (words.isEmpty()) {
                    continue;
                }
                if (words.length() <= LONGEST_NAME
                        && words.chars().filter(Character::isLetter).count() >= 3
                        && !words.contains("%")
                        && !DIRECTS.matcher(words.toLowerCase(Locale.ROOT)).find()) {
                    int at = line.start() + line.text().indexOf(words);
                    found.add(new Found("name", words, "", at, at + words.length(), Set.of()));
                    used[lineOf(at)] = true;
                }
                return;
            }
        }

        private boolean liquid() {
            long wet = LIQUID.matcher(low).results().count();
            long dry = DRY.matcher(low).results().count();
            return byVolume || wet > dry;
        }

        private void form() {
            Matcher m = (liquid() ? LIQUID : DRY).matcher(low);
            if (m.find()) {
                found.add(new Found("form", liquid() ? "liquid" : "dry", "", m.start(), m.end(), Set.of()));
            }
        }

        // --- the directions ---

        private static final Set<LabelReading.Role> TELLING = EnumSet.complementOf(
                EnumSet.of(LabelReading.Role.IGNORED, LabelReading.Role.UNKNOWN, LabelReading.Role.USE));

        /** The sentences that tell how much, of what or how often, in their order; lines that are broken off are joined first. */
        private void directions() {
            List<String> sentences = new ArrayList<>();
            int start = -1;
            int end = -1;
            int i = 0;
            while (i < lines.size()) {
                int from = i;
                StringBuilder block = new StringBuilder();
                while (i < lines.size() && !used[i] && !low(i).isBlank() && !heading(i)) {
                    block.append(block.length() > 0 ? "\n" : "")
                            .append(lines.get(i).text());
                    i++;
                }
                int at = lines.get(Math.min(from, lines.size() - 1)).start();
                for (String sentence :
                        block.toString().split("(?<=[.!;])\\s+(?=\\p{Lu})|\\n(?=\\s*\\p{Lu}[\\p{L} ]{1,30}:)", -1)) {
                    int here = block.indexOf(sentence);
                    if (tells(sentence)) {
                        start = start < 0 ? at + here : start;
                        end = at + here + sentence.length();
                        sentences.add(sentence.replaceAll("\\s+", " ").strip());
                    }
                }
                i++;
            }
            String all = String.join(" ", sentences);
            while (all.length() > LabelReader.LONGEST && sentences.size() > 1) {
                sentences.remove(sentences.size() - 1);
                all = String.join(" ", sentences);
            }
            if (!all.isEmpty() && all.length() <= LabelReader.LONGEST) {
                found.add(new Found("label", all, "", start, end, plainlyRead(all) ? Set.of() : Set.of(Doubt.MISREAD)));
            }
        }

        /** Words of a picture that the reader of labels does not know may be none, and a dose that it misses may stand there. */
        private boolean plainlyRead(String directions) {
            LabelReading reading = directions(directions);
            return !scanned || (reading.rate().isPresent() && !reading.hasUnknownWords());
        }

        private LabelReading directions(String sentence) {
            return LabelReader.read(
                    sentence.replace('\n', ' '), Product.of(liquid() ? ProductForm.LIQUID : ProductForm.DRY), Map.of());
        }

        /** "Directions for use": a few words alone on their line. */
        private boolean heading(int i) {
            return i + 1 < lines.size()
                    && lines.get(i).text().strip().matches("\\p{L}+( \\p{L}+){0,3}:?")
                    && lines.get(i + 1).text().strip().matches("[\\p{Lu}\\d].*");
        }

        private boolean tells(String sentence) {
            if (sentence.isBlank() || sentence.length() > LabelReader.LONGEST) {
                return false;
            }
            return directions(sentence).spans().stream().anyMatch(s -> TELLING.contains(s.role()));
        }
    }
}
