package strophos.format;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/** {@code ./strophos kinds}: writes everything that follows from {@code format/}. */
public final class WriteFormat {

    private WriteFormat() {}

    /** @param args the root of the repository */
    public static void main(String[] args) throws IOException {
        Path root = Path.of(args[0]);
        for (Map.Entry<Path, String> file : files(root).entrySet()) {
            Files.createDirectories(file.getKey().getParent());
            Files.writeString(file.getKey(), file.getValue());
        }
    }

    /** What must stand in which file. */
    static Map<Path, String> files(Path root) throws IOException {
        Format format = SchemaReader.read(root.resolve("format"));
        Map<Path, String> files = new LinkedHashMap<>();
        Path java = root.resolve("core/src/generated/java/strophos/core");
        format.words()
                .forEach(w -> files.put(
                        java.resolve(w.javaPackage()).resolve(w.name() + ".java"), new JavaWords(w).source()));
        JavaRecords records = new JavaRecords(format);
        format.parts()
                .forEach(p -> files.put(java.resolve(p.javaPackage()).resolve(p.name() + ".java"), records.part(p)));
        JavaReaders readers = new JavaReaders(format);
        files.put(java.resolve("record/Payload.java"), records.payload());
        files.put(java.resolve("record/Readers.java"), readers.readers());
        files.put(java.resolve("record/Counts.java"), readers.counts());
        files.put(java.resolve("record/FoldCases.java"), readers.foldCases());
        Path web = root.resolve("web/src/record/generated");
        TypeScriptWords words = new TypeScriptWords(format);
        files.put(web.resolve("words.ts"), words.words());
        files.put(web.resolve("texts.ts"), words.texts());
        files.put(web.resolve("kinds.ts"), new TypeScriptKinds(format).kinds());
        Path page = root.resolve("docs/formats.md");
        files.put(page, new Tables(format).into(Files.readString(page)));
        return files;
    }
}
