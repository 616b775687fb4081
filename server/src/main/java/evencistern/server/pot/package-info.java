/** A pot as it was typed: what does it hold? */
package evencistern.server.pot;
