package org.handdown.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.web.NotThereException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/account")
class AccountController {
    private final AccountService accounts;
    private final SecurityContextRepository contexts;
    private final boolean demo;

    AccountController(
            AccountService accounts, SecurityContextRepository contexts, @Value("${handdown.demo}") boolean demo) {
        this.accounts = accounts;
        this.contexts = contexts;
        this.demo = demo;
    }

    /** Who is at the table, and which ways in there are. */
    record AccountView(
            @Schema(types = {"string", "null"}) @Nullable String name,
            @Schema(types = {"string", "null"}) @Nullable String household,
            boolean demo,
            boolean needsOwner,
            LengthUnit unit) {}

    record NewOwner(String household, String name, String login, String password) {}

    @GetMapping
    AccountView account(@AuthenticationPrincipal @Nullable HouseholdUser user) {
        return user == null
                ? new AccountView(null, null, demo, !accounts.hasUsers(), LengthUnit.CM)
                : new AccountView(user.name(), accounts.householdName(user), demo, false, accounts.unit(user));
    }

    record UnitRequest(@Nullable LengthUnit unit) {}

    /** What the household thinks in from now on. */
    @PutMapping("/unit")
    AccountView unit(@AuthenticationPrincipal HouseholdUser user, @RequestBody UnitRequest body) {
        if (body.unit == null) {
            throw new RefusedValueException("unit", "is missing; say centimetres or inches.");
        }
        accounts.thinkIn(user, body.unit);
        return account(user);
    }

    @PostMapping("/owner")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void owner(@RequestBody NewOwner body, HttpServletRequest request, HttpServletResponse response) {
        HouseholdUser owner =
                accounts.createOwner(text(body.household), text(body.name), text(body.login), text(body.password));
        signIn(owner, request, response);
    }

    private static String text(@Nullable String text) {
        return text == null ? "" : text;
    }

    /** One click in, in demo mode only; the server then listens on loopback alone. */
    @PostMapping("/demo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void demo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo) {
            throw new NotThereException("This is not a demo; sign in with your name and password.");
        }
        signIn(accounts.loadUserByUsername(AccountService.DEMO_LOGIN), request, response);
    }

    private void signIn(HouseholdUser user, HttpServletRequest request, HttpServletResponse response) {
        // A session from before signing in must not live on: it could have been planted.
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(user, null, user.getAuthorities()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
