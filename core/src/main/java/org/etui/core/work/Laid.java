package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Strand;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A strand as it lies.
 *
 * @param in what its place is told in: a part, another strand, itself
 * @param pose of the frame of its line there
 * @param line its centre line
 * @param elements element of each piece of the line
 * @param thicknessMm thickness of its wire in the plane of bending
 */
record Laid(In in, Pose pose, CentreLine line, List<String> elements, double thicknessMm) {
    /** Where an element begins. */
    Optional<Pose> start(String element) {
        return of(element).stream().map(Placed::start).findFirst();
    }

    /** How far along the line a share of an element lies, mm. */
    double along(String address, double share) {
        String element = address.substring(address.indexOf('.') + 1);
        double before = 0;
        double own = 0;
        for (int i = 0; i < elements.size(); i++) {
            double length = line.pieces().get(i).piece().lengthMm();
            if (elements.get(i).equals(element)) {
                own += length;
            } else if (own == 0) {
                before += length;
            }
        }
        return before + share * own;
    }

    /** The pose at a distance along the line, mm; before its beginning and after its end it is drawn out straight. */
    Pose at(double alongMm) {
        double left = alongMm;
        for (Placed placed : line.pieces()) {
            double length = placed.piece().lengthMm();
            if (left <= length && length > 0) {
                Pose pose = placed.start().then(placed.piece().at(Math.max(0, left)));
                return left >= 0 ? pose : pose.then(new Pose(new Vector3D(left, 0, 0), Rotation.IDENTITY));
            }
            left -= length;
        }
        Pose end = line.pieces().get(line.pieces().size() - 1).end();
        return end.then(new Pose(new Vector3D(left, 0, 0), Rotation.IDENTITY));
    }

    /** Its pieces that have a length. */
    List<Placed> of(String element) {
        List<Placed> own = new ArrayList<>();
        for (int i = 0; i < elements.size(); i++) {
            if (elements.get(i).equals(element) && line.pieces().get(i).piece().lengthMm() > 0) {
                own.add(line.pieces().get(i));
            }
        }
        return own;
    }

    /** Where the wire has come to, in what its place is told in. */
    Pose end() {
        return pose.then(line.pieces().get(line.pieces().size() - 1).end());
    }

    /** Where the wire begins, headed back. */
    Pose beginning() {
        Pose turned =
                new Pose(Vector3D.ZERO, new Rotation(Vector3D.PLUS_J, Math.PI, RotationConvention.VECTOR_OPERATOR));
        return pose.then(line.pieces().get(0).start()).then(turned);
    }

    /**
     * What a place is told in.
     *
     * @param id of a part or a strand
     */
    record In(boolean part, String id) {
        static In strand(Strand strand) {
            return new In(false, strand.id());
        }
    }
}
