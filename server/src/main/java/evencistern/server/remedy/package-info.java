/** What is given against a finding, how much of it, and what is there to mind? */
package evencistern.server.remedy;
