package strophos.catalogue;

import java.util.Optional;
import strophos.core.tack.TackKind;

/**
 * What is said of a kind of tack.
 *
 * @param look what is looked at before it is used
 * @param caution empty where there is none beside that
 */
public record TackText(TackKind kind, String look, Optional<String> caution) {}
