/**
 * One core at a time: geometry to conductance and pressure drop, and effectiveness. Conductances
 * are per m² of core face. Velocities are face velocities unless said otherwise. Symbols follow the
 * sources: Re, Nu, Pr, j (Colburn), f (Fanning), G (mass flux, kg/(m²·s)). Sources: Chang and Wang
 * (1997); Shah and Sekulić (2003); Manglik and Bergles (1995); Gnielinski (1976); Hausen (1943);
 * Incropera et al.
 */
package roadbreeze.core.exchanger;
