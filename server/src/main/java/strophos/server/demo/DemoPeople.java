package strophos.server.demo;

import java.util.List;
import java.util.Optional;
import strophos.core.school.School;
import strophos.server.pause.Safety;
import strophos.server.roster.NewPair;

/** The invented people and horses of Saltmarsh Ford. */
final class DemoPeople {

    static final String YARD = "Saltmarsh Ford";
    static final String TIME_ZONE = "Europe/London";
    static final String COACH = "Ottilie Brandvold";
    static final String ASSISTANT = "Kwame Odetoye";

    /** Whom to call; numbers of a kind that is given to nobody. */
    static final List<Safety.Number> CONTACTS = List.of(
            new Safety.Number("EMERGENCY", "Emergency services", "112"),
            new Safety.Number("VET", "Saltmarsh vets", "01632 960 144"),
            new Safety.Number("DOCTOR", "Ford Lane Surgery", "01632 960 187"),
            new Safety.Number("FITTER", "Estuary Saddles", "01632 960 121"));

    private DemoPeople() {}

    /**
     * A rider, the horse, and who else signs in for them.
     *
     * @param signIn the rider's sign-in name, if the rider has one
     */
    record DemoPair(NewPair pair, Optional<String> signIn, Optional<Guardian> guardian) {}

    /** A minor's guardian. */
    record Guardian(String name, String signIn) {}

    static List<DemoPair> pairs() {
        return List.of(
                pair(
                        "Imre Castellan",
                        "imre",
                        "Tamarack",
                        "Connemara gelding, 11",
                        148,
                        School.CLASSICAL,
                        "Sit still in the trot again, and trust him on the beach."),
                minor(
                        "Noor Haldane",
                        "Vesper",
                        "Welsh cob mare, 8",
                        150,
                        School.CLASSICAL,
                        "Canter without being taken home.",
                        new Guardian("Basma Haldane", "basma")),
                pair(
                        "Saskia Pemberthy",
                        "saskia",
                        "Quillon",
                        "Lusitano gelding, 9",
                        160,
                        School.CLASSICAL,
                        "A half-pass to the left that looks like the right."),
                pair(
                        "Tobiah Wren",
                        "tobiah",
                        "Marzipan",
                        "Fjord mare, 14",
                        144,
                        School.PRESSURE_AND_RELEASE,
                        "That she goes before I am tired."),
                pair(
                        "Lindiwe Achterberg",
                        "lindiwe",
                        "Penny Black",
                        "Irish Draught cross mare, 17",
                        165,
                        School.FORWARD_SEAT,
                        "Back over small fences by summer."),
                minor(
                        "Maren Falk",
                        "Skerry",
                        "New Forest gelding, 12",
                        128,
                        School.FORWARD_SEAT,
                        "A clear round.",
                        new Guardian("Henrik Falk", "henrik")),
                pair(
                        "Emeka Lindqvist",
                        "emeka",
                        "Fennel",
                        "Knabstrupper, 4",
                        158,
                        School.CLASSICAL,
                        "See the world without a fuss."),
                pair(
                        "Rosalba Thiele",
                        "rosalba",
                        "Sindri",
                        "Icelandic gelding, 10",
                        138,
                        School.GAITED,
                        "Four clear beats, uphill too."),
                pair(
                        "Mireille Okonjo",
                        "mireille",
                        "Pepperwort",
                        "mare, 7",
                        152,
                        School.REWARD_BASED,
                        "That she walks into the wash bay by herself."));
    }

    private static DemoPair pair(
            String rider, String signIn, String horse, String description, int heightCm, School school, String goal) {
        return new DemoPair(
                new NewPair(rider, horse, description, heightCm, school, goal, null, null, null, null, null),
                Optional.of(signIn),
                Optional.empty());
    }

    private static DemoPair minor(
            String rider,
            String horse,
            String description,
            int heightCm,
            School school,
            String goal,
            Guardian guardian) {
        return new DemoPair(
                new NewPair(rider, horse, description, heightCm, school, goal, null, null, null, null, null),
                Optional.empty(),
                Optional.of(guardian));
    }
}
