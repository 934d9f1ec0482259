package nodyes.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** Keys on the desk: each for the review it was pressed on, in their order, and back again. */
public class DeskKeysIT extends InBrowser {
  private Locator rows() {
    return page.getByLabel("Reviews on this page", exactly()).getByRole(AriaRole.LISTITEM);
  }

  private void opens() {
    page.navigate(demo.office("/reviews"));
    assertThat(page.getByText("16 reviews")).isVisible();
    assertThat(page.getByText("1 of 16")).isVisible();
  }

  /**
   * A key that was pressed before the answer to the one before was lost, or met the same review.
   */
  @Test
  public void keysPressedWhileAnAnswerIsAwaitedAreDoneInOrderOnTheirReviews() {
    opens();
    List<Route> held = new ArrayList<>();
    answer("**/reviews/actions", held::add);
    page.keyboard().press("h");
    page.keyboard().press("h");
    page.keyboard().press("s");
    // what was acted on leaves the list at once, and one request is on its way at a time
    assertThat(rows()).hasCount(13);
    page.waitForCondition(() -> held.size() == 1);
    String first = held.get(0).request().postData();
    held.get(0).resume();
    page.waitForCondition(() -> held.size() == 2);
    String second = held.get(1).request().postData();
    held.get(1).resume();
    page.waitForCondition(() -> held.size() == 3);
    assertNotEquals(first, second);
    assertEquals(held.get(2).request().postData().contains("SPAM"), true);
    held.get(2).resume();
    page.unroute("**/reviews/actions");
    assertThat(page.getByText("13 reviews")).isVisible();
    takenBack(3);
  }

  private void takenBack(int steps) {
    for (int i = 0; i < steps; i++) {
      page.keyboard().press("z");
    }
    assertThat(page.getByText("16 reviews")).isVisible();
  }

  /** Without a network nothing was said, and what was pressed was gone. */
  @Test
  public void withoutANetworkItIsSaidAndDoneOnceThereIsOne() {
    opens();
    page.context().setOffline(true);
    assertThat(page.getByText("You are offline.")).isVisible();
    page.keyboard().press("h");
    assertThat(rows()).hasCount(15);
    page.context().setOffline(false);
    assertThat(page.getByText("You are offline.")).hasCount(0);
    assertThat(page.getByText("1 review put on hold").first()).isVisible();
    assertThat(page.getByText("15 reviews")).isVisible();
    takenBack(1);
    complaints.clear(); // the browser notes that it was offline
  }

  /** Leaving the desk, or loading it anew, ended all that could be undone. */
  @Test
  public void stepsOutliveLeavingTheDeskAndGoAgain() {
    opens();
    page.keyboard().press("h");
    assertThat(page.getByText("15 reviews")).isVisible();
    page.keyboard().press("s");
    assertThat(page.getByText("14 reviews")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today")).click();
    page.navigate(demo.office("/reviews"));
    assertThat(page.getByText("14 reviews")).isVisible();
    takenBack(2);
    page.keyboard().press("Shift+z");
    assertThat(page.getByText("Redone: 1 review put on hold").first()).isVisible();
    assertThat(page.getByText("15 reviews")).isVisible();
    takenBack(1);
  }

  /** With the server away Z failed, and what it was for could not be undone any more. */
  @Test
  public void aStepThatCouldNotBeTakenBackIsStillThere() {
    opens();
    page.keyboard().press("h");
    assertThat(page.getByText("15 reviews")).isVisible();
    answer("**/undo", Route::abort);
    page.keyboard().press("z");
    assertThat(page.getByText("No connection to Nod Yes").first()).isVisible();
    page.unroute("**/undo");
    takenBack(1);
    complaints.clear(); // the browser notes that it was away
  }
}
