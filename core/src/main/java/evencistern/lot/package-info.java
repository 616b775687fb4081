/** Where does a lot stand today, with its plan, its readings and its other work? */
package evencistern.lot;
