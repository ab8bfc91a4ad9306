package ulnaawl.server.classes;

import jakarta.validation.Validator;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.classes.ClassController.OrderForm;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.proposals.Proposable;

/** Proposed running orders, as the form for one is sent. */
@Component
@RequiredArgsConstructor
class ProposedClasses implements Proposable {

  private final ClassService classes;
  private final GroupService groups;
  private final JsonMapper mapper;
  private final Validator validator;

  @Override
  public Thing thing() {
    return Thing.CLASS;
  }

  @Override
  public boolean mayChange(SignedIn me) {
    return me.may(Ability.LEAD) && me.may(Ability.EVERY_CLASS);
  }

  @Override
  public String title(long id) {
    ClassRow row = classes.get(id);
    return groups.get(row.group()).name() + ", " + row.date();
  }

  @Override
  public void take(long id, int version, String content, SignedIn me) {
    OrderForm order;
    try {
      order = mapper.readValue(content, OrderForm.class);
    } catch (JacksonException unreadable) {
      throw Problem.rejected("This proposal is no running order.");
    }
    if (!validator.validate(order).isEmpty()) {
      throw Problem.rejected("This proposal is no running order that can be saved.");
    }
    classes.change(id, version, order.minutes(), order.wanted(), me);
  }
}
