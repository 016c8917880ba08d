/**
 * From what is known about a machine to what is probably wrong with it, and what to do next.
 *
 * <p>Hypotheses are sets of up to three faults present at once; the empty set is <em>none of these</em>. Symptoms, codes and
 * answers of checks weigh each set by noisy-OR (Pearl, Probabilistic Reasoning in Intelligent Systems, 1988, section
 * 4.3.2); a remedy that did not cure takes its fault away from the sets with its chance of success. The plan follows
 * Heckerman, Breese and Rommelse, Decision-theoretic troubleshooting, Communications of the ACM 38(3), 1995, with the
 * cost of opening shared as in Langseth and Jensen, Decision theoretic troubleshooting of coherent systems, 2003.
 */
package grimygasket.diagnosis;
