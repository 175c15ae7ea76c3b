package org.handdown.server;

import org.handdown.server.account.HouseholdUser;
import org.junit.jupiter.api.BeforeEach;

/** Each test has a household of its own with a fresh copy of the demo's dungarees in it. */
public abstract class DemoHouseholdTest extends HouseholdTest {
    protected HouseholdUser user;
    /** Address of the project. */
    protected String project;

    @BeforeEach
    void household() {
        user = newHousehold();
        project = importDemo(user);
    }
}
