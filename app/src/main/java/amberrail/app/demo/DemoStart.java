package amberrail.app.demo;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;

/**
 * Opens the demo club where the profile "demo" asks for it. Asked at the start and not by {@code @Profile}: bean definitions are worked out when
 * the jar is built, and a profile would be frozen there.
 */
@Component
@Lazy(false)
class DemoStart implements SmartInitializingSingleton {
    private final Environment environment;
    private final ObjectProvider<DemoClub> club;

    DemoStart(Environment environment, ObjectProvider<DemoClub> club) {
        this.environment = environment;
        this.club = club;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (environment.acceptsProfiles(Profiles.of("demo"))) {
            club.getObject().open();
        }
    }
}
