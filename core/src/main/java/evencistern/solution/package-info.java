/** Which ions are in the can, and what do they conduct? */
package evencistern.solution;
