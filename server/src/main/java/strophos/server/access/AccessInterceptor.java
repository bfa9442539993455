package strophos.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.AsyncHandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import strophos.server.problem.Problem;

/** Holds every endpoint to its {@link Needs}; one that declares nothing answers nobody. */
@Configuration
class AccessInterceptor implements AsyncHandlerInterceptor, WebMvcConfigurer {

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        YardScope.enter(signedIn());
        if (!(handler instanceof HandlerMethod method) || method.hasMethodAnnotation(Anyone.class)) {
            return true;
        }
        Viewer viewer = YardScope.find()
                .orElseThrow(() -> new Problem(HttpStatus.UNAUTHORIZED, "signed_out", "Sign in first."));
        Needs needs = method.getMethodAnnotation(Needs.class);
        if (needs == null || !needs.value().isFor(viewer.role())) {
            throw new Problem(
                    HttpStatus.FORBIDDEN,
                    "not_your_role",
                    "Your role in this yard does not allow this; ask the coach of the yard.");
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        YardScope.enter(null);
    }

    /** An answer that goes on as a stream leaves this thread without having completed. */
    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        YardScope.enter(null);
    }

    private static Viewer signedIn() {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        return signedIn != null && signedIn.getPrincipal() instanceof Viewer v ? v : null;
    }
}
