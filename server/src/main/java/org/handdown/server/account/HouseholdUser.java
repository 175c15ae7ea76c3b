package org.handdown.server.account;

import java.util.List;
import java.util.UUID;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** Who is signed in, and for which household. */
public record HouseholdUser(UUID id, UUID householdId, String login, String name, String passwordHash)
        implements UserDetails {
    private static final long serialVersionUID = 1L;

    @Override
    public List<GrantedAuthority> getAuthorities() {
        return List.of();
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return login;
    }
}
