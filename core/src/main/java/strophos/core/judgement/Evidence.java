package strophos.core.judgement;

import java.util.List;

/** The numbers a rule used, as data; each package of rules has its own kinds. */
public interface Evidence {

    /** The entries the numbers were counted from, by id; empty where the numbers come from other numbers. */
    List<String> entries();
}
