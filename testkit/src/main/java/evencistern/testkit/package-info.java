/** Starts a private database for tests, talks to the running application, makes a fresh garden per test. */
package evencistern.testkit;
