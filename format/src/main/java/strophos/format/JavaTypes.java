package strophos.format;

/** How a type stands in Java. */
final class JavaTypes {

    private JavaTypes() {}

    /** Of a record's component. */
    static String of(Format.Field f) {
        Type t = f.type();
        if (t instanceof Type.Many m) {
            return "List<" + m.part().name() + ">";
        } else if (f.isRequired()) {
            return bare(t);
        } else if (t instanceof Type.OfScale || t instanceof Type.Whole w && w.isInt()) {
            return "OptionalInt";
        } else if (t instanceof Type.Whole) {
            return "OptionalLong";
        }
        return "Optional<" + (t instanceof Type.Flag ? "Boolean" : bare(t)) + ">";
    }

    private static String bare(Type t) {
        if (t instanceof Type.Text) {
            return "String";
        } else if (t instanceof Type.Whole w) {
            return w.isInt() ? "int" : "long";
        } else if (t instanceof Type.OfScale) {
            return "int";
        } else if (t instanceof Type.Flag) {
            return "boolean";
        } else if (t instanceof Type.Word w) {
            return w.words().name();
        } else if (t instanceof Type.OfPart p) {
            return p.part().name();
        } else if (t instanceof Type.Anything) {
            return "Map<String, Object>";
        }
        throw new IllegalArgumentException("No type of a component: " + t);
    }

    /** What a component's name stands for in a record's {@code plain()}. */
    static String plain(Format.Field f) {
        String name = Text.quoted(f.name());
        Type t = f.type();
        if (t instanceof Type.Many m) {
            return ".many(%s, %s, %s::plain)".formatted(name, f.name(), m.part().name());
        }
        String method = t instanceof Type.Word w
                ? (w.words().isNumbered() ? "level" : "word")
                : t instanceof Type.OfPart ? "plain" : "";
        if (f.isRequired()) {
            return ".put(%s, %s)".formatted(name, method.isEmpty() ? f.name() : f.name() + "." + method + "()");
        }
        return method.isEmpty()
                ? ".maybe(%s, %s)".formatted(name, f.name())
                : ".maybe(%s, %s.map(%s::%s))".formatted(name, f.name(), bare(t), method);
    }

    /** Package of what a component is, where it is one of ours; empty else. */
    static String ours(Type t) {
        if (t instanceof Type.Word w) {
            return "strophos.core.%s.%s"
                    .formatted(w.words().javaPackage(), w.words().name());
        } else if (t instanceof Type.OfPart p) {
            return "strophos.core.%s.%s"
                    .formatted(p.part().javaPackage(), p.part().name());
        } else if (t instanceof Type.Many m) {
            return "strophos.core.%s.%s"
                    .formatted(m.part().javaPackage(), m.part().name());
        }
        return "";
    }
}
