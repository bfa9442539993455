package strophos.server.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.HttpStatus;
import strophos.server.problem.Problem;

/**
 * A CSV text (RFC 4180) as lines of cells. Spreadsheets put a semicolon or a tab where a comma is the decimal sign; which
 * of the three it is, is read off the first line.
 */
record CsvTable(List<List<String>> lines) {

    private static final String BYTE_ORDER_MARK = "\uFEFF";

    /** Every column of an entry, with room beside them. */
    static final int MOST_COLUMNS = 60;

    /**
     * Reads a text.
     *
     * @param mostLines beyond which nothing is read: whoever asked is told before any work is done
     */
    static CsvTable read(String text, int mostLines) {
        String bare = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(bare))
                .setIgnoreEmptyLines(false)
                .get();
        List<List<String>> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(bare), format)) {
            for (CSVRecord record : parser) {
                if (lines.size() == mostLines || record.size() > MOST_COLUMNS) {
                    throw tooLarge(mostLines);
                }
                lines.add(record.toList());
            }
        } catch (IOException | UncheckedIOException e) {
            throw new Problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "csv_broken",
                    "After line %d the text is not CSV: a quotation mark is not closed.".formatted(lines.size()));
        }
        return new CsvTable(lines);
    }

    private static Problem tooLarge(int mostLines) {
        return new Problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "table_too_large",
                "A table may have %d lines and %d columns; split it into parts.".formatted(mostLines, MOST_COLUMNS));
    }

    static String write(List<String> heading, List<? extends List<?>> lines) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(heading);
            for (List<?> line : lines) {
                printer.printRecord(line);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /** The first line; empty when there is none. */
    Optional<List<String>> heading() {
        return lines.stream().findFirst();
    }

    private static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        char found = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (count(first, candidate) > count(first, found)) {
                found = candidate;
            }
        }
        return found;
    }

    private static long count(String line, char which) {
        return line.chars().filter(c -> c == which).count();
    }
}
