package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** How students may move an item. Fixed items are background; anything else is a piece. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Movement.Fixed.class, name = "fixed"),
    @JsonSubTypes.Type(value = Movement.Free.class, name = "free")
})
public sealed interface Movement {
    Movement FIXED = new Fixed();
    Movement FREE = new Free();

    record Fixed() implements Movement {}

    record Free() implements Movement {}

    @JsonIgnore
    default boolean isFixed() {
        return this instanceof Fixed;
    }
}
