package ulnaawl.server.songs;

import jakarta.validation.Validator;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.proposals.Proposable;
import ulnaawl.server.songs.SongShapes.SongDraft;

/** Proposed entries of songs, as the form for a song is sent. */
@Component
@RequiredArgsConstructor
class ProposedSongs implements Proposable {

  private final SongService songs;
  private final JsonMapper mapper;
  private final Validator validator;

  @Override
  public Thing thing() {
    return Thing.SONG;
  }

  @Override
  public boolean mayChange(SignedIn me) {
    return me.may(Ability.CHANGE_DANCES);
  }

  @Override
  public String title(long id) {
    return songs.get(id).song().song().title();
  }

  @Override
  public void take(long id, int version, String content, SignedIn me) {
    SongDraft draft;
    try {
      draft = mapper.readValue(content, SongDraft.class);
    } catch (JacksonException unreadable) {
      throw Problem.rejected("This proposal is no entry of a song.");
    }
    if (!validator.validate(draft).isEmpty()) {
      throw Problem.rejected("This proposal leaves out what a song has, or is too long.");
    }
    songs.change(id, version, draft.entry(), me);
  }
}
