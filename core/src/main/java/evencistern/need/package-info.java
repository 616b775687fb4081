/** What is known of a lot, what is it going through, how fast does it grow, and how much water does it take? */
package evencistern.need;
