/** How large is that, in another unit, and how sure is it? Units, quantities, uncertain values, typed numbers. */
package evencistern.units;
