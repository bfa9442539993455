package strophos.core.welfare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

/** 24 behaviours, 8 or more: vet first (Dyson and others 2018, from memory). */
class PainChecklistTest {

    @Test
    void fromEightOnAVetLooksFirst() {
        assertThat(new PainChecklist(7).isVetFirst()).isFalse();
        assertThat(new PainChecklist(8).isVetFirst()).isTrue();
        assertThat(new PainChecklist(24).isVetFirst()).isTrue();
    }

    @Test
    void moreThanTheListHasIsRefused() {
        assertThatThrownBy(() -> new PainChecklist(25)).hasMessageContaining("[0, 24]");
        assertThatThrownBy(() -> new PainChecklist(-1)).hasMessageContaining("[0, 24]");
    }
}
