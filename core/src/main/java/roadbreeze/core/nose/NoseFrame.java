package roadbreeze.core.nose;

import roadbreeze.core.stack.Rectangle;

/**
 * The measures of one truck that a nose is laid out round, m.
 *
 * @param opening seen from the front
 * @param packFront of the first core, behind the grille line
 * @param packBack of the radiator
 */
public record NoseFrame(
    Rectangle opening,
    double packFront,
    double packBack,
    double bonnet,
    double bumperTop,
    double bumperAhead) {}
