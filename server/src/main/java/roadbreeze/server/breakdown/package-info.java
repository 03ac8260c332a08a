/** If it breaks out there: what each build still does with a part gone. */
package roadbreeze.server.breakdown;
