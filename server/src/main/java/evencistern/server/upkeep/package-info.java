/** What is done for gardens as time passes, without anybody asking: so that looking at a garden writes nothing. */
package evencistern.server.upkeep;
