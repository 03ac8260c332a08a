package roadbreeze.server.solver;

import com.google.ortools.Loader;

/**
 * Loads the solver's native part, once. Its own loader takes an interrupt while it unpacks for
 * success and never tries again; questions that nobody waits for any more are interrupted. So it is
 * loaded by a thread that nobody else knows.
 */
public final class NativeSolver {
  static {
    Thread loading = new Thread(Loader::loadNativeLibraries, "native solver");
    loading.start();
    boolean interrupted = false;
    while (loading.isAlive()) {
      try {
        loading.join();
      } catch (InterruptedException e) {
        interrupted = true;
      }
    }
    if (interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private NativeSolver() {}

  /** Returns once it is there. */
  public static void load() {
    // The class has done it by now.
  }
}
