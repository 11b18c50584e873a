package gladtile.core.pagemap;

import gladtile.core.page.MapSpot;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.eclipse.elk.alg.layered.options.LayerConstraint;
import org.eclipse.elk.alg.layered.options.LayeredMetaDataProvider;
import org.eclipse.elk.alg.layered.options.LayeredOptions;
import org.eclipse.elk.alg.layered.options.OrderingStrategy;
import org.eclipse.elk.alg.layered.options.WrappingStrategy;
import org.eclipse.elk.core.RecursiveGraphLayoutEngine;
import org.eclipse.elk.core.data.LayoutMetaDataService;
import org.eclipse.elk.core.options.CoreOptions;
import org.eclipse.elk.core.options.Direction;
import org.eclipse.elk.core.util.NullElkProgressMonitor;
import org.eclipse.elk.graph.ElkNode;
import org.eclipse.elk.graph.util.ElkGraphUtil;

/**
 * Where the pages of a map stand: in layers from left to right, each as far as the fewest pages that lead there, by the layered layout of the Eclipse Layout Kernel (after
 * Sugiyama, Tagawa and Toda 1981). A long map is broken into rows. The same map is always laid out alike.
 */
public final class MapLayout {
    /** Of one page on the map, its name under it, in the map's own units. */
    public static final double WIDTH = 170;

    public static final double HEIGHT = 134;
    /** Across the gap between two layers, where the names of ways stand. */
    private static final double BETWEEN = 100;

    private static final double BELOW = 60;
    private static final int LAYERS_IN_A_ROW = 7;

    static {
        LayoutMetaDataService.getInstance().registerLayoutMetaDataProviders(new LayeredMetaDataProvider());
    }

    private MapLayout() {}

    public static Map<String, MapSpot> of(PageMap map) {
        ElkNode graph = ElkGraphUtil.createGraph();
        graph.setProperty(CoreOptions.ALGORITHM, LayeredOptions.ALGORITHM_ID);
        graph.setProperty(CoreOptions.DIRECTION, Direction.RIGHT);
        graph.setProperty(CoreOptions.ASPECT_RATIO, 1.6);
        graph.setProperty(LayeredOptions.SPACING_NODE_NODE, BELOW);
        graph.setProperty(LayeredOptions.SPACING_COMPONENT_COMPONENT, BELOW);
        graph.setProperty(LayeredOptions.SPACING_NODE_NODE_BETWEEN_LAYERS, BETWEEN);
        graph.setProperty(LayeredOptions.CONSIDER_MODEL_ORDER_STRATEGY, OrderingStrategy.NODES_AND_EDGES);
        if (map.farthest() > LAYERS_IN_A_ROW) {
            graph.setProperty(LayeredOptions.WRAPPING_STRATEGY, WrappingStrategy.MULTI_EDGE);
        }
        Map<String, ElkNode> nodes = new LinkedHashMap<>();
        for (String page : map.pages()) {
            ElkNode node = ElkGraphUtil.createNode(graph);
            node.setDimensions(WIDTH, HEIGHT);
            nodes.put(page, node);
        }
        // What can be met comes before what nobody comes to.
        nodes.get(map.start()).setProperty(CoreOptions.PRIORITY, 100);
        nodes.get(map.start()).setProperty(LayeredOptions.LAYERING_LAYER_CONSTRAINT, LayerConstraint.FIRST);
        Map<String, Integer> far = map.distances();
        Set<String> drawn = new HashSet<>();
        for (PageLink link : map.links()) {
            // A page stands as many layers from the start as it takes pages to come there, whatever else leads to it;
            // two ways between the same pages are one.
            boolean onward = far.containsKey(link.from())
                    ? far.get(link.to()) == far.get(link.from()) + 1
                    : !far.containsKey(link.to())
                            && map.pages().indexOf(link.from()) < map.pages().indexOf(link.to());
            if (onward && drawn.add(link.from() + " " + link.to())) {
                ElkGraphUtil.createSimpleEdge(nodes.get(link.from()), nodes.get(link.to()));
            }
        }
        new RecursiveGraphLayoutEngine().layout(graph, new NullElkProgressMonitor());
        Map<String, MapSpot> spots = new HashMap<>();
        nodes.forEach((page, node) -> spots.put(page, new MapSpot(Math.rint(node.getX()), Math.rint(node.getY()))));
        return spots;
    }
}
