/** What one pot of a lot gets on a day, worked out from the lot as it stands. */
package evencistern.server.care;
