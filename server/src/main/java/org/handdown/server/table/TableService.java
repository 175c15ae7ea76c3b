package org.handdown.server.table;

import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.handdown.make.Tool;
import org.handdown.make.Toolbox;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a household's table has. */
@Service
public class TableService {
    private final TableMapper mapper;

    TableService(TableMapper mapper) {
        this.mapper = mapper;
    }

    @Transactional(readOnly = true)
    public Toolbox toolbox(UUID household) {
        Set<Tool> owned = EnumSet.allOf(Tool.class);
        owned.removeAll(mapper.missing(household));
        return new Toolbox(owned);
    }

    @Transactional
    void own(UUID household, Set<Tool> owned) {
        mapper.clear(household);
        EnumSet<Tool> missing = EnumSet.allOf(Tool.class);
        missing.removeAll(owned);
        missing.forEach(tool -> mapper.insert(household, tool));
    }
}
