package org.handdown.formats.outline;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.handdown.measure.Wording;
import org.w3c.dom.Document;
import org.xml.sax.ErrorHandler;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** Reads the markup of an SVG file and nothing outside it. */
final class SvgDocument {
    private SvgDocument() {}

    static Document parsed(byte[] svg) {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultInstance();
        try {
            // Nothing outside the file is ever read, and what is defined in it stays small.
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
            factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
            factory.setAttribute("http://www.oracle.com/xml/jaxp/properties/entityExpansionLimit", "500");
            factory.setAttribute("http://www.oracle.com/xml/jaxp/properties/totalEntitySizeLimit", "200000");
            factory.setXIncludeAware(false);
            factory.setNamespaceAware(true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new Strict());
            return builder.parse(new ByteArrayInputStream(svg));
        } catch (SAXException e) {
            String where = e instanceof SAXParseException p ? Wording.fill(" (line %d)", p.getLineNumber()) : "";
            throw SvgOutlines.refused("This is no sound SVG drawing" + where + "; save it anew as plain SVG.");
        } catch (IOException e) {
            throw new UncheckedIOException("Bytes in memory are always read.", e);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException("The platform's own parser knows these settings.", e);
        }
    }

    /** Says nothing on the machine's console. */
    private static final class Strict implements ErrorHandler {
        @Override
        public void warning(SAXParseException e) {
            // What only warns is read.
        }

        @Override
        public void error(SAXParseException e) {
            // A drawing is not checked against a document type.
        }

        @Override
        public void fatalError(SAXParseException e) throws SAXException {
            throw e;
        }
    }
}
