package org.handdown.server.account;

import java.util.Locale;
import java.util.UUID;
import org.handdown.measure.LengthUnit;
import org.handdown.measure.RefusedValueException;
import org.handdown.server.web.AskedIn;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Users of households. */
@Service
public class AccountService implements UserDetailsService {
    /** The one user of demo mode. */
    public static final String DEMO_LOGIN = "demo";

    private static final int SHORTEST_PASSWORD = 10;
    private static final int LONGEST = 120;
    /** bcrypt reads no more bytes than this. */
    private static final int LONGEST_PASSWORD_BYTES = 72;

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;

    AccountService(AccountMapper mapper, PasswordEncoder passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    @Override
    @Transactional(readOnly = true)
    public HouseholdUser loadUserByUsername(String login) {
        return mapper.findByLogin(login.strip().toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new UsernameNotFoundException("No user of that name."));
    }

    @Transactional(readOnly = true)
    public boolean hasUsers() {
        return mapper.countUsers() > 0;
    }

    @Transactional(readOnly = true)
    public String householdName(HouseholdUser user) {
        return mapper.householdName(user.householdId());
    }

    /** What the household thinks in where no project and no person says; refusals of the request at work are told in it. */
    @Transactional(readOnly = true)
    public LengthUnit unit(HouseholdUser user) {
        LengthUnit unit = mapper.unit(user.householdId());
        AskedIn.unit(unit);
        return unit;
    }

    /** What a household thinks in, for what is begun in its name. */
    @Transactional(readOnly = true)
    public LengthUnit unit(UUID household) {
        return mapper.unit(household);
    }

    @Transactional
    void thinkIn(HouseholdUser user, LengthUnit unit) {
        mapper.setUnit(user.householdId(), unit);
    }

    /** The first visitor becomes the owner of a new household. */
    @Transactional
    public HouseholdUser createOwner(String household, String name, String login, String password) {
        mapper.lockUsers();
        if (mapper.countUsers() > 0) {
            throw new RefusedValueException("login", "Somebody owns this installation already; sign in instead.");
        }
        return create(household, name, login, password);
    }

    /** The demo's household; nobody knows the password, the way in is a click. */
    @Transactional
    public HouseholdUser createDemo(String household, String name) {
        return create(household, name, DEMO_LOGIN, UUID.randomUUID().toString());
    }

    private HouseholdUser create(String household, String name, String login, String password) {
        require("household", household);
        require("name", name);
        require("login", login);
        if (password.length() < SHORTEST_PASSWORD) {
            throw new RefusedValueException(
                    "password", "is too short; take at least 10 characters, four words are better.");
        }
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST_PASSWORD_BYTES) {
            throw new RefusedValueException("password", "is too long; 72 bytes are the most.");
        }
        UUID householdId = UUID.randomUUID();
        mapper.insertHousehold(householdId, household.strip());
        HouseholdUser user = new HouseholdUser(
                UUID.randomUUID(),
                householdId,
                login.strip().toLowerCase(Locale.ROOT),
                name.strip(),
                passwords.encode(password));
        mapper.insertUser(user);
        return user;
    }

    private static void require(String field, String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            throw new RefusedValueException(field, "has from 1 to 120 characters.");
        }
        if (text.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedValueException(field, "holds a character that cannot be stored; type it anew.");
        }
    }
}
