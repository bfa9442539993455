package strophos.core.contact;

/** The units tension is written in. */
public enum TensionUnit {
    KG(1),
    /** Newton; 1 kgf = 9.80665 N, exact. */
    N(1 / 9.80665),
    /** Pound; 0.45359237 kg, exact. */
    LB(0.45359237),
    G(0.001);

    private final double kg;

    TensionUnit(double kg) {
        this.kg = kg;
    }

    /** So many of this unit, in kilograms. */
    public double toKg(double amount) {
        return amount * kg;
    }

    /** So many kilograms, in this unit. */
    public double ofKg(double amountKg) {
        return amountKg / kg;
    }
}
