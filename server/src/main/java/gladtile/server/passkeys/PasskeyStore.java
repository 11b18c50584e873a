package gladtile.server.passkeys;

import static gladtile.tables.Tables.PASSKEY;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import java.nio.ByteBuffer;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Repository;

/** Passkeys in the database, as the framework asks for them. A person is known to a device by their id's bytes. */
@Repository
class PasskeyStore implements UserCredentialRepository, PublicKeyCredentialUserEntityRepository {
    private final DSLContext db;
    private final Clock clock;

    PasskeyStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    /** @param id as the browser names it */
    record Passkey(String id, String name, OffsetDateTime madeAt, OffsetDateTime usedAt) {}

    /** Whose a passkey is. */
    record Owner(UUID schoolId, UUID personId) {}

    List<Passkey> of(UUID schoolId, UUID personId) {
        return db.selectFrom(PASSKEY)
                .where(PASSKEY.SCHOOL_ID.eq(schoolId), PASSKEY.PERSON_ID.eq(personId))
                .orderBy(PASSKEY.MADE_AT, PASSKEY.CREDENTIAL_ID)
                .fetch(row -> new Passkey(
                        new Bytes(row.getCredentialId()).toBase64UrlString(),
                        row.getName(),
                        row.getMadeAt(),
                        row.getUsedAt()));
    }

    /** @return whether there was one */
    boolean remove(UUID schoolId, UUID personId, Bytes credentialId) {
        return db.deleteFrom(PASSKEY)
                        .where(PASSKEY.SCHOOL_ID.eq(schoolId), PASSKEY.PERSON_ID.eq(personId))
                        .and(PASSKEY.CREDENTIAL_ID.eq(credentialId.getBytes()))
                        .execute()
                > 0;
    }

    Optional<Owner> owner(Bytes handle) {
        return personOf(handle)
                .flatMap(id -> db.select(PUBLISHED_PERSON.SCHOOL_ID)
                        .from(PUBLISHED_PERSON)
                        .where(PUBLISHED_PERSON.ID.eq(id))
                        .fetchOptional(PUBLISHED_PERSON.SCHOOL_ID)
                        .map(school -> new Owner(school, id)));
    }

    static Bytes handle(UUID personId) {
        return new Bytes(ByteBuffer.allocate(16)
                .putLong(personId.getMostSignificantBits())
                .putLong(personId.getLeastSignificantBits())
                .array());
    }

    private static Optional<UUID> personOf(Bytes handle) {
        if (handle == null || handle.getBytes().length != 16) {
            return Optional.empty();
        }
        ByteBuffer bytes = ByteBuffer.wrap(handle.getBytes());
        return Optional.of(new UUID(bytes.getLong(), bytes.getLong()));
    }

    @Override
    public void delete(Bytes credentialId) {
        throw new UnsupportedOperationException("passkeys are removed by their owner");
    }

    @Override
    public void save(CredentialRecord one) {
        Owner owner = owner(one.getUserEntityUserId()).orElseThrow();
        OffsetDateTime now = OffsetDateTime.now(clock);
        db.insertInto(PASSKEY)
                .set(PASSKEY.CREDENTIAL_ID, one.getCredentialId().getBytes())
                .set(PASSKEY.SCHOOL_ID, owner.schoolId())
                .set(PASSKEY.PERSON_ID, owner.personId())
                .set(PASSKEY.NAME, one.getLabel())
                .set(PASSKEY.PUBLIC_KEY, one.getPublicKey().getBytes())
                .set(PASSKEY.ATTESTATION, one.getAttestationObject().getBytes())
                .set(PASSKEY.SIGN_COUNT, one.getSignatureCount())
                .set(PASSKEY.USER_VERIFIED, one.isUvInitialized())
                .set(PASSKEY.BACKUP_ELIGIBLE, one.isBackupEligible())
                .set(PASSKEY.BACKED_UP, one.isBackupState())
                .set(
                        PASSKEY.TRANSPORTS,
                        one.getTransports().stream()
                                .map(AuthenticatorTransport::getValue)
                                .sorted()
                                .collect(Collectors.joining(",")))
                .set(PASSKEY.MADE_AT, now)
                .set(PASSKEY.USED_AT, now)
                .onConflict(PASSKEY.CREDENTIAL_ID)
                .doUpdate()
                .set(PASSKEY.SIGN_COUNT, one.getSignatureCount())
                .set(PASSKEY.BACKED_UP, one.isBackupState())
                .set(PASSKEY.USED_AT, now)
                .where(PASSKEY.PERSON_ID.eq(owner.personId()))
                .execute();
    }

    @Override
    public CredentialRecord findByCredentialId(Bytes credentialId) {
        return db.selectFrom(PASSKEY)
                .where(PASSKEY.CREDENTIAL_ID.eq(credentialId.getBytes()))
                .fetchOne(PasskeyStore::credential);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes handle) {
        return personOf(handle)
                .map(id ->
                        db.selectFrom(PASSKEY).where(PASSKEY.PERSON_ID.eq(id)).fetch(PasskeyStore::credential))
                .orElse(List.of());
    }

    private static CredentialRecord credential(Record row) {
        Set<AuthenticatorTransport> transports = Arrays.stream(
                        row.get(PASSKEY.TRANSPORTS).split(","))
                .filter(one -> !one.isEmpty())
                .map(AuthenticatorTransport::valueOf)
                .collect(Collectors.toSet());
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(row.get(PASSKEY.CREDENTIAL_ID)))
                .userEntityUserId(handle(row.get(PASSKEY.PERSON_ID)))
                .publicKey(new ImmutablePublicKeyCose(row.get(PASSKEY.PUBLIC_KEY)))
                .attestationObject(new Bytes(row.get(PASSKEY.ATTESTATION)))
                .signatureCount(row.get(PASSKEY.SIGN_COUNT))
                .uvInitialized(row.get(PASSKEY.USER_VERIFIED))
                .transports(transports)
                .backupEligible(row.get(PASSKEY.BACKUP_ELIGIBLE))
                .backupState(row.get(PASSKEY.BACKED_UP))
                .label(row.get(PASSKEY.NAME))
                .created(row.get(PASSKEY.MADE_AT).toInstant())
                .lastUsed(row.get(PASSKEY.USED_AT)
                        .withOffsetSameInstant(ZoneOffset.UTC)
                        .toInstant())
                .build();
    }

    @Override
    public PublicKeyCredentialUserEntity findById(Bytes handle) {
        return personOf(handle).map(id -> entity(id.toString())).orElse(null);
    }

    /** @param id of the person, which is what the framework is told is their name */
    @Override
    public PublicKeyCredentialUserEntity findByUsername(String id) {
        return entity(id);
    }

    private PublicKeyCredentialUserEntity entity(String id) {
        return db.selectFrom(PUBLISHED_PERSON)
                .where(PUBLISHED_PERSON.ID.eq(UUID.fromString(id)), PUBLISHED_PERSON.KIND.eq("teacher"))
                .fetchOne(row -> ImmutablePublicKeyCredentialUserEntity.builder()
                        .id(handle(row.getId()))
                        .name(row.getSignInName())
                        .displayName(row.getDisplayName())
                        .build());
    }

    @Override
    public void save(PublicKeyCredentialUserEntity person) {
        throw new UnsupportedOperationException("people are made elsewhere");
    }
}
