package ulnaawl.formats.page;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.render.RenderingContext;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Map;
import org.w3c.dom.Element;

/** Draws the hall from above, its front thick at the top, and a wedge that points ahead. */
final class HallDrawer implements FSObjectDrawer {

  static final String TYPE = "ulna/hall";
  static final String STYLE = "display:inline-block;width:21pt;height:21pt";

  private static final double SIZE = 20;
  private static final double FRONT = 4;

  @Override
  public Map<Shape, String> drawObject(
      Element element,
      double x,
      double y,
      double width,
      double height,
      OutputDevice device,
      RenderingContext context,
      int dotsPerPixel) {
    int eighths = Integer.parseInt(element.getAttribute("data-eighths"));
    device.drawWithGraphics(
        (float) x,
        (float) y,
        (float) width / dotsPerPixel,
        (float) height / dotsPerPixel,
        canvas -> draw(canvas, eighths, width / dotsPerPixel));
    return Map.of();
  }

  private static void draw(Graphics2D canvas, int eighths, double width) {
    double scale = width / (SIZE + 1);
    canvas.scale(scale, scale);
    canvas.translate(0.5, 0.5);
    canvas.setColor(Color.BLACK);
    canvas.setStroke(new java.awt.BasicStroke(0.7f));
    canvas.draw(new Rectangle2D.Double(0, 0, SIZE, SIZE));
    canvas.fill(new Rectangle2D.Double(0, 0, SIZE, FRONT));
    Path2D wedge = new Path2D.Double();
    wedge.moveTo(0, -7);
    wedge.lineTo(5, 5);
    wedge.lineTo(-5, 5);
    wedge.closePath();
    AffineTransform turned = AffineTransform.getTranslateInstance(SIZE / 2, (SIZE + FRONT) / 2);
    turned.rotate(eighths * Math.PI / 4);
    canvas.fill(turned.createTransformedShape(wedge));
  }
}
