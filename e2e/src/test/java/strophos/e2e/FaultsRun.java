package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * {@code ./strophos bench faults}: hundreds of seeded cuts while two people ride on two devices, each touch written down
 * outside the application as soon as the pad shows it; at the end the journal and the server must agree.
 */
class FaultsRun {

    private static final int CUTS = Integer.getInteger("strophos.cuts", 300);
    private static final long SEED = Long.getLong("strophos.seed", 1);
    private static final String[] PEOPLE = {"ottilie", "kwame"};
    private static final String[] RESPONSES = {"YES", "TRY", "BRACE", "NONE", "WRONG"};

    /** What is done to them, and how often in a hundred. */
    private enum Fault {
        /** Connections are cut and new ones refused. */
        CUT(45),
        /** What is asked arrives and is carried out, but the answer is lost. */
        SWALLOWED(25),
        /** The tab is closed at once and opened again, without a network. */
        TAB_CLOSED(22),
        /** The server is killed in whatever it does. */
        SERVER_KILLED(3),
        /** The database crashes. */
        DATABASE_DOWN(2),
        /** One signs out and the other signs in on the same device. */
        OTHER_PERSON(3);

        final int share;

        Fault(int share) {
            this.share = share;
        }

        static Fault any(Random chance) {
            int at = chance.nextInt(100);
            for (Fault fault : values()) {
                at -= fault.share;
                if (at < 0) {
                    return fault;
                }
            }
            throw new IllegalStateException("The shares are not a hundred.");
        }
    }

    /** One device: who is signed in there now, and each one's lesson and journal on it. */
    private final class Device {
        // wide, so that no nudge stands where the line of the outbox is
        private final Visitor visitor = new Visitor(proxy.port(), 1280, 800);
        private final Rider[] riders = new Rider[PEOPLE.length];
        private final Journal[] journals = new Journal[PEOPLE.length];
        private int now = -1;

        void signIn(int who) {
            now = who;
            visitor.signInOnScreen(PEOPLE[who]);
            if (riders[who] == null) {
                riders[who] = Rider.inNewLesson(visitor).begin().isAllSent();
                journals[who] = new Journal(
                        visitor.get("/api/v1/session").path("me").path("person").asString());
                visitor.isKeptForNoNetwork();
            } else {
                riders[who].goOn();
            }
        }

        void changePerson() {
            visitor.open("/");
            visitor.button("Sign out").click();
            visitor.page().getByLabel("Sign-in name").waitFor();
            signIn(1 - now);
        }

        void touch() {
            Journal.Touch touch = new Journal.Touch(1 + chance.nextInt(4), RESPONSES[chance.nextInt(RESPONSES.length)]);
            visitor.page().keyboard().press(String.valueOf(touch.strength()));
            visitor.page().keyboard().press(touch.response().substring(0, 1).toLowerCase());
            cell(touch, journals[now].count(touch) + 1).waitFor();
            journals[now].add(touch);
        }

        void closeTab() {
            visitor.page().close();
            visitor.openTab();
            riders[now].goOn();
        }

        private Locator cell(Journal.Touch touch, int count) {
            String answer =
                    touch.response().charAt(0) + touch.response().substring(1).toLowerCase();
            return visitor.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions()
                                    .setName("%s at strength %d, %d so far".formatted(answer, touch.strength(), count))
                                    .setExact(true));
        }

        void sendAll() {
            riders[now].isAllSent();
        }
    }

    private final Random chance = new Random(SEED);
    private final Map<Fault, Integer> done = new EnumMap<>(Fault.class);
    private FaultProxy proxy;
    private AppProcess app;

    @Test
    void nothingIsLostNothingIsDoubledNothingIsAnothers() throws IOException {
        try (AppProcess started = Stage.demo("bench_faults");
                FaultProxy between = new FaultProxy(started.port())) {
            app = started;
            proxy = between;
            ride();
        }
    }

    private void ride() throws IOException {
        List<Device> devices = List.of(new Device(), new Device());
        for (int i = 0; i < devices.size(); i++) {
            devices.get(i).signIn(i);
        }
        for (int cut = 0; cut < CUTS; cut++) {
            strike(devices.get(chance.nextInt(devices.size())));
        }
        Journal.Difference found = Journal.Difference.NONE;
        int touches = 0;
        for (Device device : devices) {
            for (int person = 0; person < PEOPLE.length; person++) {
                device.sendAll();
                device.changePerson();
            }
            for (int person = 0; person < PEOPLE.length; person++) {
                if (device.riders[person] != null) {
                    touches += device.journals[person].size();
                    found = found.plus(device.journals[person].against(device.riders[person].asks()));
                }
            }
        }
        report(touches, found);
        assertThat(found).isEqualTo(Journal.Difference.NONE);
    }

    private void strike(Device device) {
        Fault fault = Fault.any(chance);
        done.merge(fault, 1, Integer::sum);
        touchSome(device);
        switch (fault) {
            case CUT -> {
                proxy.set(FaultProxy.Mode.CUT);
                touchSome(device);
            }
            case SWALLOWED -> {
                proxy.set(FaultProxy.Mode.SWALLOW);
                touchSome(device);
            }
            case TAB_CLOSED -> {
                proxy.set(FaultProxy.Mode.CUT);
                device.touch();
                device.closeTab();
            }
            case SERVER_KILLED -> {
                app.kill();
                touchSome(device);
                app.start();
            }
            case DATABASE_DOWN -> Stage.withoutDatabase(() -> touchSome(device));
            case OTHER_PERSON -> device.changePerson();
        }
        touchSome(device);
        proxy.set(FaultProxy.Mode.PASS);
        device.visitor.page().evaluate("window.dispatchEvent(new Event('online'))");
    }

    private void touchSome(Device device) {
        for (int left = chance.nextInt(4); left > 0; left--) {
            device.touch();
        }
    }

    private void report(int touches, Journal.Difference found) throws IOException {
        List<String> kinds = new ArrayList<>();
        done.forEach((fault, times) ->
                kinds.add(times + " " + fault.name().toLowerCase().replace('_', ' ')));
        String said =
                "seed %d, %d cuts (%s), %d touches shown and journaled: lost %d, doubled %d, wrong author %d, out of order %d"
                        .formatted(
                                SEED,
                                CUTS,
                                String.join(", ", kinds),
                                touches,
                                found.lost(),
                                found.doubled(),
                                found.wrongAuthor(),
                                found.outOfOrder());
        Files.writeString(Path.of(System.getProperty("strophos.root"), "e2e/target/faults.txt"), said + "\n");
    }
}
