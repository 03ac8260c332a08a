/**
 * Who may come in over the yard's network: accounts, paired tablets, and who changed what. On this
 * machine alone there is no sign-in, and {@link roadbreeze.server.account.Lock} says which it is.
 */
package roadbreeze.server.account;
