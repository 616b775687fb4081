/** What is the least cost that keeps every limit? */
package evencistern.solver;
