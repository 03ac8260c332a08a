/**
 * One core at a time: geometry to conductance and pressure drop, and effectiveness. Conductances
 * are per m² of core face, mass fluxes too unless said otherwise. Symbols follow the sources: Re,
 * Nu, Pr, j (Colburn), f (Fanning), G (mass flux, kg/(m²·s)). Sources: Chang and Wang (1997); Kim
 * and Bullard (2002); Kays and London (1984); Olsson and Sundén (1996); Manglik and Bergles (1995);
 * Sieder and Tate (1936); Gnielinski (1976); Hausen (1943); Incropera et al.
 */
package roadbreeze.core.exchanger;
