/** Problems, security, headers, static files, the OpenAPI document. */
@NullMarked
package nodyes.server.web;

import org.jspecify.annotations.NullMarked;
