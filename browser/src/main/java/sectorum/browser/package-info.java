/**
 * Core in the page itself: questions come in and answers go out as the page's own objects, value by value, because the
 * module can neither ask a class what it is made of nor read JSON. What crosses is named in {@link sectorum.browser.Wire}.
 */
package sectorum.browser;
