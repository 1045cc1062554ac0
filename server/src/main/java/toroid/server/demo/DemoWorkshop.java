package toroid.server.demo;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills an empty database with the demo workshop, all or nothing. A workshop with anything in it is left alone. */
@Component
@ConditionalOnProperty("toroid.demo")
class DemoWorkshop implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWorkshop.class);

    private final DemoStock stock;
    private final DemoSeason season;
    private final DemoForms forms;
    private final DemoWeaves weaves;
    private final DemoPieces pieces;
    private final DemoPractice practice;

    DemoWorkshop(
            DemoStock stock,
            DemoSeason season,
            DemoForms forms,
            DemoWeaves weaves,
            DemoPieces pieces,
            DemoPractice practice) {
        this.stock = stock;
        this.season = season;
        this.forms = forms;
        this.weaves = weaves;
        this.pieces = pieces;
        this.practice = practice;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (stock.isEmpty()) {
            stock.load();
            season.load();
            forms.load();
            weaves.load();
            pieces.load();
            practice.load();
            LOG.info("the demo workshop is laid out");
        }
    }
}
