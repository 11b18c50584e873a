package gladtile.server.support;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How requests are read. */
@Configuration
class JsonInput {
    /**
     * No list and no map that is sent has nothing for something: whoever goes through one need not ask. Where a place may be
     * empty, the field itself says so ({@code @JsonSetter(contentNulls = Nulls.SET)}).
     */
    @Bean
    JsonMapperBuilderCustomizer noEmptyPlaces() {
        return builder -> builder.changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
    }
}
