/** Scenarios with the range that a professional would accept. */
package evencistern.golden;
