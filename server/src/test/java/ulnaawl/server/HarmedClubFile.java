package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.function.Consumer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A sound club's file, harmed in one place at a time and brought by an owner. */
record HarmedClubFile(Client owner, ObjectNode sound) {

  static ObjectNode row(ObjectNode file, String list, int index) {
    return (ObjectNode) file.get(list).get(index);
  }

  /** A look says where the harm is, and the file is not taken in. */
  void said(Consumer<ObjectNode> harm, String where) {
    ObjectNode file = sound.deepCopy();
    harm.accept(file);
    byte[] bytes = JsonMapper.shared().writeValueAsBytes(file);
    Client.Answer look = owner.postBytes("/api/club/file/look", bytes);
    assertEquals(look.status(), 200, look.raw().body());
    assertTrue(
        look.body().get("faults").toString().contains(where), where + " in " + look.raw().body());
    assertEquals(owner.postBytes("/api/club/file", bytes).status(), 422, where);
  }
}
