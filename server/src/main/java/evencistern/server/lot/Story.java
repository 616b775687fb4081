package evencistern.server.lot;

import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.label.Measure;
import evencistern.media.PotWater;
import evencistern.meter.Meter;
import evencistern.mixlife.MixAge;
import evencistern.mixlife.UsedMix;
import evencistern.need.Situation;
import evencistern.need.Whereabouts;
import evencistern.reading.Band;
import evencistern.reading.Equivalence;
import evencistern.reading.FlushVolume;
import evencistern.reading.Method;
import evencistern.salt.SaltAccount;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What happened to the pots of a lot since they were last filled with fresh mix.
 *
 * @param since when that was; {@code sinceKnown} whether it was told, or is the first day anything is known of
 * @param stays where it stood
 */
public record Story(
        LocalDate since, boolean sinceKnown, List<Whereabouts.Stay> stays, List<Happening> happenings, ZoneId zone) {
    private static final double ALL = 100;
    /** How far the salt of a used mix may be off, as a 95 % interval. */
    private static final double USED_SHARE = 0.3;

    /** What a pen says of its pH has no bearing on an EC. */
    private static final double ANY_PH = 0.1;

    /**
     * Something that happened to one pot.
     *
     * @param litres that it was given; with how much of which feed, and what ran through
     * @param from,to the place left, and the one it came to
     * @param fresh per cent of fresh mix
     * @param method,ec,ecPlusMinus what was read of the roots, mS/cm and per cent
     */
    record Happening(
            Instant at,
            @Nullable Double litres,
            @Nullable UUID feed,
            @Nullable Double product,
            @Nullable String measure,
            @Nullable Double runoffLitres,
            @Nullable UUID from,
            @Nullable UUID to,
            @Nullable Double fresh,
            @Nullable String method,
            @Nullable Double ec,
            @Nullable Double ecPlusMinus) {}

    static Story of(GardenContext context, Lot lot, List<Happening> all) {
        ZoneId zone = context.zone();
        Optional<LocalDate> filled = all.stream()
                .filter(h -> h.fresh() != null && h.fresh() >= ALL)
                .reduce((a, b) -> b)
                .map(h -> LocalDate.ofInstant(h.at(), zone));
        boolean partLast = all.stream()
                .anyMatch(h -> h.fresh() != null
                        && h.fresh() < ALL
                        && LocalDate.ofInstant(h.at(), zone).equals(lot.repottedOn()));
        Optional<LocalDate> told = Optional.ofNullable(lot.repottedOn()).filter(d -> !partLast);
        Optional<LocalDate> since =
                filled.filter(f -> told.isEmpty() || !told.get().isAfter(f)).or(() -> told);
        // what happened to it before the day it was put up tells that it stood there already
        LocalDate begun = since.orElseGet(() -> all.stream()
                .findFirst()
                .map(h -> LocalDate.ofInstant(h.at(), zone))
                .filter(first -> first.isBefore(lot.startedOn()))
                .orElse(lot.startedOn()));
        List<Whereabouts.Stay> stays = new ArrayList<>();
        List<Happening> own = new ArrayList<>();
        for (Happening h : all) {
            LocalDate on = LocalDate.ofInstant(h.at(), zone);
            if (h.from() != null && h.to() != null) {
                if (stays.isEmpty()) {
                    stays.add(new Whereabouts.Stay(LocalDate.MIN, context.place(h.from())));
                }
                stays.add(new Whereabouts.Stay(on, context.place(h.to())));
            } else if (h.fresh() == null ? !on.isBefore(begun) : on.isAfter(begun) && h.fresh() < ALL) {
                own.add(h);
            }
        }
        if (stays.isEmpty()) {
            stays.add(new Whereabouts.Stay(LocalDate.MIN, context.place(lot.placeId())));
        }
        return new Story(begun, since.isPresent(), stays, own, zone);
    }

    /** The day it came to where it stands; empty where it always stood there. */
    public Optional<LocalDate> movedOn() {
        return Optional.of(stays.get(stays.size() - 1).from()).filter(from -> !from.equals(LocalDate.MIN));
    }

    private LocalDate on(Happening h) {
        return LocalDate.ofInstant(h.at(), zone);
    }

    /** What of it bears on the age of the mix. */
    public MixAge.Story ofMix() {
        List<MixAge.Given> given = new ArrayList<>();
        List<MixAge.Refresh> refreshes = new ArrayList<>();
        for (Happening h : happenings) {
            if (h.litres() != null) {
                given.add(new MixAge.Given(on(h), h.litres()));
            } else if (h.fresh() != null) {
                refreshes.add(new MixAge.Refresh(on(h), h.fresh() / ALL));
            }
        }
        return new MixAge.Story(since, given, stays, refreshes);
    }

    /** The band that the salt account of a lot is held against: what a pour-through of it should read. */
    public static Band saltBand(Situation s, boolean coatedAlone) {
        return band(Method.POUR_THROUGH, s, coatedAlone);
    }

    private static Band band(Method method, Situation s, boolean coatedAlone) {
        return Band.of(method, s.species(), s.mix(), coatedAlone);
    }

    /** Plain water that brings a drained pot back once its account has passed the band; empty where this water cannot. */
    public static Optional<FlushVolume> back(GardenContext context, Lot lot, Situation s, SaltAccount account) {
        Band band = saltBand(s, context.coated(lot));
        return FlushVolume.of(
                Math.max(band.ecHigh(), account.msCm().value()),
                band,
                waterEc(context.garden(), lot),
                new PotWater(s.mix(), s.pot()).capacityLitres(),
                Working.off());
    }

    /** Coated feed that was strewn on one pot or mixed in, by its litres of mix. */
    public List<UsedMix.Coated> coated(GardenContext context, double mixLitres) {
        List<UsedMix.Coated> coated = new ArrayList<>();
        for (Happening h : happenings) {
            Optional<Feed> feed = Optional.ofNullable(h.feed()).flatMap(context::feed);
            Optional<CoatedRelease> release = context.wire(h.feed()).flatMap(FeedWire::coated);
            if (feed.isPresent() && release.isPresent() && h.product() != null && h.measure() != null) {
                double grams = h.product()
                        * feed.get()
                                .gramsPer(Measure.valueOf(h.measure().toUpperCase(Locale.ROOT)))
                                .value();
                coated.add(new UsedMix.Coated(on(h), grams / mixLitres, release.get()));
            }
        }
        return coated;
    }

    /** How often it was watered since a day. */
    public long watered(LocalDate from) {
        return happenings.stream()
                .filter(h -> h.litres() != null && h.litres() > 0 && !on(h).isBefore(from))
                .count();
    }

    /** What of it bears on the salt of a pot. */
    SaltAccount.Story ofSalt(GardenContext context, Lot lot, Situation s) {
        double waterMsCm = waterEc(context.garden(), lot);
        Function<Method, Band> bands = m -> band(m, s, context.coated(lot));
        List<SaltAccount.Event> events = new ArrayList<>();
        happenings.forEach(h -> events.addAll(salts(h, context, bands, waterMsCm)));
        return new SaltAccount.Story(since, whenFilled(s, bands.apply(Method.POUR_THROUGH)), events, stays);
    }

    /** The salt it was filled with: of new mix anything from none to what its band allows, of mix used before what that brings. */
    private static Uncertain whenFilled(Situation s, Band band) {
        if (!(s.mix().spent() > 0)) {
            return Uncertain.uniform(0, band.ecHigh());
        }
        double brings = Equivalence.convert(s.mix().ec(), Method.PASTE, Method.POUR_THROUGH);
        return Uncertain.plusMinus95(brings, USED_SHARE * brings);
    }

    /** The salt account of a lot today. */
    public SaltAccount salt(GardenContext context, Lot lot, Situation s, Working working) {
        double waterMsCm = waterEc(context.garden(), lot);
        Band band = saltBand(s, context.coated(lot));
        return SaltAccount.of(
                s,
                ofSalt(context, lot, s),
                SaltAccount.Given.planned(s, waterMsCm),
                band.ecHigh(),
                context.garden().today(),
                working);
    }

    /** What bears on the salt of what happened at once. */
    private List<SaltAccount.Event> salts(
            Happening h, GardenContext context, Function<Method, Band> bands, double waterMsCm) {
        List<SaltAccount.Event> events = new ArrayList<>();
        Optional<Feed> feed = Optional.ofNullable(h.feed()).flatMap(context::feed);
        boolean strewn = feed.filter(Feed::strewn).isPresent();
        double litres = h.litres() == null ? 0 : h.litres();
        if (litres > 0) {
            double added =
                    strewn ? 0 : feed.map(f -> added(f, h, litres, waterMsCm)).orElse(0.0);
            events.add(
                    new SaltAccount.Poured(on(h), litres, waterMsCm, added, GardenContext.optional(h.runoffLitres())));
        }
        if (strewn) {
            events.add(new SaltAccount.Strewn(
                    on(h),
                    added(feed.get(), h, 1, waterMsCm),
                    context.wire(h.feed()).flatMap(FeedWire::coated)));
        }
        if (h.fresh() != null) {
            events.add(new SaltAccount.Refreshed(on(h), h.fresh() / ALL));
        }
        if (h.ec() != null && h.method() != null && h.ecPlusMinus() != null) {
            Uncertain ec = new Meter(null, ANY_PH, h.ecPlusMinus()).ec(h.ec());
            bands.apply(Method.require(h.method()))
                    .asPourThrough(ec, bands.apply(Method.POUR_THROUGH))
                    .ifPresent(read -> events.add(new SaltAccount.Read(on(h), read)));
        }
        return events;
    }

    private static double added(Feed feed, Happening h, double litres, double waterMsCm) {
        if (h.product() == null || h.measure() == null) {
            return 0;
        }
        Measure measure = Measure.valueOf(h.measure().toUpperCase(Locale.ROOT));
        return MeterForecast.added(feed, h.product() / litres, measure, waterMsCm)
                .value();
    }

    static double waterEc(GardenWire g, Lot lot) {
        return g.water(lot.waterId()).ec();
    }
}
