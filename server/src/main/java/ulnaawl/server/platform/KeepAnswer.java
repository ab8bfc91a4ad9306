package ulnaawl.server.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The answer is the same for everybody who may ask, and until anything of the club is changed or
 * the day ends: its bytes are kept, and a browser that has them is not sent them again.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface KeepAnswer {}
