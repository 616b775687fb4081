/** What must be said at the point of use so that nobody is hurt? */
package evencistern.caution;
