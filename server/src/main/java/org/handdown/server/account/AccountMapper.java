package org.handdown.server.account;

import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.handdown.measure.LengthUnit;

@Mapper
interface AccountMapper {
    Optional<HouseholdUser> findByLogin(@Param("login") String login);

    long countUsers();

    String householdName(@Param("id") UUID id);

    LengthUnit unit(@Param("id") UUID id);

    void setUnit(@Param("id") UUID id, @Param("unit") LengthUnit unit);

    void insertHousehold(@Param("id") UUID id, @Param("name") String name);

    void insertUser(HouseholdUser user);

    /** Held until the transaction ends, so that two first visitors cannot both become the owner. */
    void lockUsers();
}
