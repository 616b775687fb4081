/** What does the shelf need for the season: how much of each feed, until when it lasts, and what to buy? */
package evencistern.server.season;
