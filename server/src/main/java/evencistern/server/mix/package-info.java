/** Which components and recipes does this garden mix with, and what comes of them? */
package evencistern.server.mix;
