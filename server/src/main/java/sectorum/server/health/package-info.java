/** How the service is, told on a port of its own to whoever looks after it: a balancer, a keeper of machines. */
package sectorum.server.health;
