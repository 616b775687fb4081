/** What does this pen show, what should it have shown, and how far is it to be believed today? */
package evencistern.meter;
