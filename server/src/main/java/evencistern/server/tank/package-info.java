/** What goes into a stock tank, and the feed that it is once it is made. */
package evencistern.server.tank;
