package strophos.e2e;

import java.util.Map;
import tools.jackson.databind.JsonNode;

/** A browser with the store that the version before left in it. */
final class LeftDevice {

    /** As the store of the version before stood in a browser: its number, its tables and their indexes. */
    static final String FILL = """
            async (left) => {
              const { person, tables } = JSON.parse(left)
              const open = indexedDB.open('strophos-' + person, 50)
              const stores = {
                entries: ['id', 'lesson', 'passage', ['lesson', 'kind']],
                packets: ['lesson', 'toAdd'], counters: ['name'],
                practices: ['id', 'passage', 'assignment'], cards: ['name'], timers: ['assignment'],
              }
              open.onupgradeneeded = () => {
                for (const [name, [key, ...indexes]] of Object.entries(stores)) {
                  const store = open.result.createObjectStore(name, { keyPath: key })
                  for (const index of indexes) {
                    store.createIndex(Array.isArray(index) ? '[' + index.join('+') + ']' : index, index)
                  }
                }
              }
              const db = await new Promise((done, fail) => {
                open.onsuccess = () => done(open.result)
                open.onerror = () => fail(open.error)
              })
              const tx = db.transaction(Object.keys(stores), 'readwrite')
              for (const [name, rows] of Object.entries(tables)) for (const row of rows) tx.objectStore(name).put(row)
              await new Promise((done) => (tx.oncomplete = done))
              db.close()
            }
            """;

    private LeftDevice() {}

    /** With this person's store, before the door. */
    static Visitor of(JsonNode left, String whose, int port, int width, int height) {
        Visitor visitor = new Visitor(port, width, height);
        // the door opens nobody's store yet
        visitor.open("/");
        visitor.button("Sign in").waitFor();
        String theirs = Visitor.JSON.writeValueAsString(Map.of(
                "person", left.path("people").path(whose).path("person").asString(), "tables", left.path(whose)));
        visitor.page().evaluate(FILL, theirs);
        return visitor;
    }
}
