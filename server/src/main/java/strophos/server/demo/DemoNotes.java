package strophos.server.demo;

import java.util.Map;
import java.util.Optional;

/** What Ottilie wrote down in some of the lessons. */
final class DemoNotes {

    private static final Map<Integer, String> BY_LESSON = Map.of(
            0, "First lesson after the summer. Right: the neck hinges at the base.",
            3, "He waits for the inside rein to let go. Imre holds too long on the right.",
            7, "Wind from the river; attention comes and goes.",
            9, "I got on for five minutes: softer at once when the outside hand stays.",
            13, "Imre breathes. Right circle round for the first time.",
            18, "Right rein catching up. Fewer asks, longer rests.",
            22, "Both reins alike at the start today.");

    private DemoNotes() {}

    static Optional<String> of(int lesson) {
        return Optional.ofNullable(BY_LESSON.get(lesson));
    }
}
