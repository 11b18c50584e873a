package gladtile.server.support;

import gladtile.core.message.Message;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** What leaves the server is a sentence, where core has its key: a client need not know any. */
@Configuration
class MessageJson {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Message.class, String.class);
    }

    @Bean
    JsonMapperBuilderCustomizer sentences(MessageRenderer messages) {
        return builder -> builder.addModule(new SimpleModule("sentences").addSerializer(new Sentence(messages)));
    }

    private static final class Sentence extends StdSerializer<Message> {
        private final MessageRenderer messages;

        Sentence(MessageRenderer messages) {
            super(Message.class);
            this.messages = messages;
        }

        @Override
        public void serialize(Message message, JsonGenerator to, SerializationContext context) {
            to.writeString(messages.text(message));
        }
    }
}
