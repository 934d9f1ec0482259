package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.IOException;
import nodyes.server.web.ApiProblem;
import org.springframework.http.HttpStatus;

/** A request that does not say how long it is: it is counted as it is read. */
final class BoundedRequest extends HttpServletRequestWrapper {
  private final long most;

  BoundedRequest(HttpServletRequest request, long most) {
    super(request);
    this.most = most;
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    return new Counted(super.getInputStream(), most);
  }

  private static final class Counted extends ServletInputStream {
    private final ServletInputStream in;
    private long left;

    Counted(ServletInputStream in, long most) {
      this.in = in;
      this.left = most;
    }

    private int count(int read) {
      left -= Math.max(0, read);
      if (left < 0) {
        throw new ApiProblem(HttpStatus.CONTENT_TOO_LARGE, text("problems.tooLarge"));
      }
      return read;
    }

    @Override
    public int read() throws IOException {
      int one = in.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
      return count(in.read(buffer, offset, length));
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
