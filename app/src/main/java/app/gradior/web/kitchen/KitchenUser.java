package app.gradior.web.kitchen;

import java.security.Principal;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** Who is signed in, and to which kitchen: the one that every query is bound to. */
public final class KitchenUser implements UserDetails, CredentialsContainer {
    private static final long serialVersionUID = 1;

    private final UUID kitchenId;
    private final String kitchenName;
    private final String name;
    private final Accounts.Guest guest;
    private String passwordHash;

    /** @param guest null for somebody with an account */
    KitchenUser(UUID kitchenId, String kitchenName, String name, String passwordHash, Accounts.Guest guest) {
        this.kitchenId = kitchenId;
        this.kitchenName = kitchenName;
        this.name = name;
        this.passwordHash = passwordHash;
        this.guest = guest;
    }

    /** Who asks, by what a request knows of them; empty where nobody is signed in. */
    static Optional<KitchenUser> of(Principal asking) {
        return asking instanceof Authentication who && who.getPrincipal() instanceof KitchenUser user
                ? Optional.of(user)
                : Optional.empty();
    }

    /** Why they are here without an account; empty for somebody who has one. */
    public Optional<Accounts.Guest> guest() {
        return Optional.ofNullable(guest);
    }

    /** For templates. */
    public boolean isGuest() {
        return guest != null;
    }

    public UUID kitchenId() {
        return kitchenId;
    }

    /** Names this person in this kitchen without telling who it is: what is kept on a device is sent as theirs only. */
    public String getMark() {
        return Secrets.hash(kitchenId + " " + name).substring(0, 32);
    }

    public String getKitchenName() {
        return kitchenName;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of();
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return name;
    }

    /** What is kept in a session needs no hash. */
    @Override
    public void eraseCredentials() {
        passwordHash = "";
    }
}
