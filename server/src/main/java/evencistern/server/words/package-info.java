/** What is said to people, in their language: the one set of messages of page, paper, calendar and faults. */
package evencistern.server.words;
