package strophos.core.sheet;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What a column of such a table can say, and the headings it is known by. */
public enum SheetColumn {
    /** Of the day, in the yard's zone: {@code 16:05}, {@code 16:05:30}, or with the date before it. */
    TIME("time", "at", "when", "clock"),
    /** By id, name or short name. */
    EXERCISE("exercise", "task", "what"),
    GAIT("gait", "pace"),
    /** Rail, across, circle with its diameter in metres. */
    PLACE("place", "where", "figure"),
    REIN("rein", "side", "direction", "hand"),
    MOUNTED("rides", "rider", "who", "mounted"),
    /** 1 to 4, or its word. */
    STRENGTH("strength", "level", "aid"),
    RESPONSE("response", "answer", "came", "result"),
    /** The level first asked. */
    FIRST("first"),
    RELEASE("release"),
    NOTE("note", "notes", "remark", "comment");

    /** Without these there is no ask. */
    public static final Set<SheetColumn> NEEDED = Set.of(REIN, STRENGTH, RESPONSE);

    private final List<String> headings;

    SheetColumn(String... headings) {
        this.headings = List.of(headings);
    }

    /** Which column stands where, by the first word of its heading; the first of two with the same heading. */
    public static Map<SheetColumn, Integer> guess(List<String> heading) {
        Map<SheetColumn, Integer> found = new EnumMap<>(SheetColumn.class);
        for (int i = 0; i < heading.size(); i++) {
            String first = heading.get(i).strip().toLowerCase(Locale.ROOT).split("[^\\p{L}]", 2)[0];
            int at = i;
            Arrays.stream(values()).filter(c -> c.headings.contains(first)).forEach(c -> found.putIfAbsent(c, at));
        }
        return found;
    }
}
